package waypost.library.secondjudge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.demand.Count;
import waypost.core.demand.Demand;
import waypost.core.demand.RunningSteps;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Counted;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.log.WorkLog;
import waypost.core.prescription.WorkingDose;
import waypost.core.progression.DayOfWork;
import waypost.core.progression.Prescribed;
import waypost.core.progression.Proposal;
import waypost.core.progression.Proposals;
import waypost.core.progression.SoFar;

/**
 * Whatever is done in a day, in whatever order and partly at home: all contacts, steps and runs together never come to more
 * than the second judge lets a session have.
 */
@Tag("slow")
class DayAddedUpTest {

    private static final int COURSES = 400;
    private static final int MOST_RUNS = 9;

    @Test
    void aWholeDayStaysUnderEveryLimit() {
        var bundle = Agreement.withHardCases();
        int days = 0;
        int cut = 0;
        for (int seed = 0; seed < COURSES; seed++) {
            GeneratedCourse generated = GeneratedCourse.of(bundle, seed);
            Random random = new Random(seed);
            Course course = LaterDay.course(generated);
            Standing standing = course.on(generated.date(), generated.date(), Outlook.TIME_ONLY);
            SecondJudge second = LaterDay.second(generated, course, generated.date(), Outlook.TIME_ONLY);
            List<Activity.Exercise> counted = counted(bundle.activities());
            Collections.shuffle(counted, random);
            Prescribed written = random.nextBoolean()
                    ? Prescribed.NOTHING
                    : new WildPrescriptions(random, generated.date()).of(counted);
            Day day = new Day();
            // What is proposed of an exercise is all that it has in the clinic on that day: once.
            Set<RoleKey> inTheClinic = new HashSet<>();
            SoFar soFar = SoFar.nothing(course);
            for (Activity.Exercise exercise : counted) {
                Proposal proposal = new Proposals(
                                standing,
                                WorkLog.NONE,
                                new DayOfWork(0, Optional.empty(), Optional.empty()),
                                written,
                                soFar)
                        .of(exercise.roles().get(0).key());
                cut += proposal.grounds().toString().contains("AlreadyToday") ? 1 : 0;
                if (proposal.toDo().filter(each -> inTheClinic.add(each.role())).isPresent()) {
                    Proposal.Do toDo = proposal.toDo().get();
                    day.does(course.exercise(toDo.role().activity()), toDo);
                    soFar = soFar.and(new SoFar.Portion(
                            toDo.role(),
                            toDo.dose().total(),
                            random.nextBoolean() ? SoFar.Where.HOME : SoFar.Where.CLINIC));
                    // An easier one that lands nowhere adds nothing, and is asked about as what it is.
                    if (counts(course.role(toDo.role()))) {
                        assertWithin(second, day, toDo.role(), "seed " + seed + ": " + toDo);
                    }
                }
            }
            days += day.contacts > 0 ? 1 : 0;
        }
        assertThat(days).isGreaterThan(20);
        assertThat(cut).isGreaterThan(20);
    }

    private static List<Activity.Exercise> counted(List<Activity> activities) {
        return new ArrayList<>(activities.stream()
                .filter(Activity.Exercise.class::isInstance)
                .map(Activity.Exercise.class::cast)
                .filter(exercise -> counts(exercise.roles().get(0)))
                .toList());
    }

    private static boolean counts(Role role) {
        return role.demands().stream()
                .anyMatch(each -> each instanceof Demand.Contacts || each instanceof RunningSteps);
    }

    /** Its own arithmetic: what each role is written with, in proportion to its usual dose. */
    private static final class Day {
        private double contacts;
        private double steps;
        private int runs;

        void does(Activity.Exercise exercise, Proposal.Do toDo) {
            WorkingDose dose = toDo.dose();
            double share = (double) dose.sets()
                    * dose.aim().most()
                    / (exercise.dose().sets() * exercise.dose().aim().most());
            Role role = exercise.role(toDo.role());
            boolean counts = exercise.dose().aim().counted() == Counted.CONTACTS;
            contacts += number(role, Demand.Contacts.class).stream()
                    .mapToDouble(each -> counts ? dose.sets() * dose.aim().most() : each * share)
                    .sum();
            steps += number(role, RunningSteps.class).stream()
                    .mapToDouble(each -> each * share)
                    .sum();
            runs += exercise.dose().aim().counted() == Counted.RUNS
                    ? dose.sets() * dose.aim().most()
                    : 0;
        }

        private static OptionalInt number(Role role, Class<? extends Demand> kind) {
            return role.demands().stream()
                    .filter(kind::isInstance)
                    .mapToInt(each -> each instanceof RunningSteps steps
                            ? steps.count().number()
                            : ((Demand.Contacts) each).count().number())
                    .findFirst();
        }
    }

    private static void assertWithin(SecondJudge second, Day day, RoleKey key, String what) {
        assertThat(day.runs).as(what).isLessThanOrEqualTo(MOST_RUNS);
        for (Demand whole : List.of(
                new Demand.Contacts(new Count((int) Math.floor(day.contacts + 1e-6))),
                new RunningSteps(new Count((int) Math.floor(day.steps + 1e-6)), new Count(0)))) {
            Role role = Role.of(key, "all of the day", List.of(whole), Reducible.NOTHING);
            assertThat(second.judge(role).kind()).as("%s, %s", what, whole).isIn("OPEN", "OPEN_WITH_LIMIT");
        }
    }
}
