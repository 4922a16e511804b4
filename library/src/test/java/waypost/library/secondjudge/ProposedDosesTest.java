package waypost.library.secondjudge;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.demand.Load;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.Role;
import waypost.core.gate.DayGate;
import waypost.core.gate.Judged;
import waypost.core.log.Evidence;
import waypost.core.log.Response;
import waypost.core.log.SetDone;
import waypost.core.log.WorkLog;
import waypost.core.prescription.WorkingDose;
import waypost.core.progression.DayOfWork;
import waypost.core.progression.Ground;
import waypost.core.progression.Prescribed;
import waypost.core.progression.Proposal;
import waypost.core.progression.Proposals;
import waypost.core.progression.Way;
import waypost.core.resolved.Resolver;

/** Whatever was done or prescribed before, no dose is proposed that the second judge does not find open on that day. */
@Tag("slow")
class ProposedDosesTest {

    private static final int COURSES = 250;
    private static final int EXERCISES_A_COURSE = 25;
    private static final int DAYS_BACK = 40;

    @Test
    void noSequenceOfSetsYieldsADoseThatIsBarred() {
        var bundle = Agreement.withHardCases();
        int doses = 0;
        int harder = 0;
        int prescribed = 0;
        for (int seed = 0; seed < COURSES; seed++) {
            GeneratedCourse course = GeneratedCourse.of(bundle, seed);
            Random random = new Random(seed);
            List<Activity.Exercise> exercises = new ArrayList<>(bundle.activities().stream()
                    .filter(Activity.Exercise.class::isInstance)
                    .map(Activity.Exercise.class::cast)
                    .toList());
            Collections.shuffle(exercises, random);
            Proposals proposals = new Proposals(
                    standing(course),
                    work(random, exercises, course.date()),
                    new DayOfWork(0, Optional.empty(), Optional.empty()),
                    seed % 2 == 0 ? Prescribed.NOTHING : new WildPrescriptions(random, course.date()).of(exercises));
            SecondJudge second = new SecondJudge(course);
            for (Activity.Exercise exercise : exercises.subList(0, EXERCISES_A_COURSE)) {
                for (Role role : exercise.roles()) {
                    Proposal proposal = proposals.of(role.key());
                    for (Proposal.Do toDo : told(proposal, proposals, random)) {
                        doses++;
                        prescribed += toDo.way() == Way.PRESCRIBED ? 1 : 0;
                        harder += toDo.way().isHarder() || toDo.way() == Way.NEW ? 1 : 0;
                        assertThat(second.judge(asked(bundle.activities(), toDo))
                                        .kind())
                                .as("seed %s: %s", seed, toDo)
                                .isIn("OPEN", "OPEN_WITH_LIMIT");
                    }
                }
            }
        }
        assertThat(doses).isGreaterThan(500);
        assertThat(harder).isGreaterThan(50);
        assertThat(prescribed).isGreaterThan(50);
    }

    /** What is proposed, and the step back in the middle of it. */
    private static List<Proposal.Do> told(Proposal proposal, Proposals proposals, Random random) {
        List<Proposal.Do> told = new ArrayList<>();
        proposal.toDo().ifPresent(toDo -> {
            told.add(toDo);
            proposals
                    .stepBack(
                            toDo.role(),
                            toDo.dose(),
                            new Ground.PainOver(5 + random.nextInt(5), 4, Ground.PainOver.When.IN_A_SET))
                    .toDo()
                    .ifPresent(told::add);
        });
        return told;
    }

    private static Standing standing(GeneratedCourse generated) {
        Course course = Course.of(
                Resolver.resolve(generated.protocol(), generated.answers(), generated.clocks(), generated.decisions()),
                generated.bundle().activities(),
                generated.bundle().measures(),
                History.of(Side.RIGHT, Evidence.of(generated.readings()), List.of(), generated.holds()));
        Standing known = course.on(generated.date(), generated.date(), Outlook.TIME_ONLY);
        var facts = Agreement.facts(generated);
        DayGate day = DayGate.alone(course.gate(), facts);
        return new Standing(course, generated.date(), day, known.milestones(), new Judged(day), false);
    }

    /** Sets of the last weeks as nobody would do them: every load, pain and form, and answers to match. */
    private static WorkLog work(Random random, List<Activity.Exercise> exercises, LocalDate today) {
        List<SetDone> sets = new ArrayList<>();
        List<Response> responses = new ArrayList<>();
        boolean steady = random.nextBoolean();
        for (int back = DAYS_BACK; back > 0; back -= 1 + random.nextInt(3)) {
            LocalDate on = today.minusDays(back);
            for (Activity.Exercise exercise : exercises.subList(0, EXERCISES_A_COURSE)) {
                if (random.nextInt(3) == 0) {
                    bout(random, exercise, on, steady, sets);
                }
            }
            responses.add(new Response(
                    on,
                    random.nextInt(3),
                    Optional.of(random.nextInt(steady ? 2 : 8)),
                    Optional.of(random.nextInt(steady ? 2 : 6)),
                    !steady && random.nextInt(5) == 0,
                    steady
                            ? Response.Soreness.NONE
                            : Response.Soreness.values()[random.nextInt(Response.Soreness.values().length)]));
        }
        return new WorkLog(sets, responses);
    }

    private static void bout(
            Random random, Activity.Exercise exercise, LocalDate on, boolean steady, List<SetDone> sets) {
        Role role = exercise.roles().get(random.nextInt(exercise.roles().size()));
        WorkingDose usual = WorkingDose.usual(exercise, role);
        for (int nth = 0; nth < usual.sets(); nth++) {
            Optional<Load> load = usual.load()
                    .map(held ->
                            steady ? held : new Load(Math.min(12, held.amount() + random.nextInt(12)), held.unit()));
            int amount =
                    steady ? usual.aim().most() : random.nextInt(usual.aim().most() + 3);
            sets.add(new SetDone(
                    role.key(),
                    on,
                    amount,
                    load,
                    setUp(random, exercise, usual, steady),
                    steady ? 0 : random.nextInt(8),
                    steady ? SetDone.Form.GOOD : SetDone.Form.values()[random.nextInt(3)]));
        }
    }

    private static Arrangement setUp(Random random, Activity.Exercise exercise, WorkingDose usual, boolean steady) {
        List<Arrangement> all = List.copyOf(exercise.setUps().ways().keySet());
        return steady || all.isEmpty() ? usual.setUp() : all.get(random.nextInt(all.size()));
    }

    private static Role asked(List<Activity> activities, Proposal.Do toDo) {
        Activity.Exercise exercise = (Activity.Exercise) activities.stream()
                .filter(activity -> activity.id().equals(toDo.role().activity()))
                .findFirst()
                .orElseThrow();
        return toDo.dose().asked(exercise, exercise.role(toDo.role()));
    }
}
