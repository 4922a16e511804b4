package waypost.library.secondjudge;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.home.HomeDay;
import waypost.core.home.HomeDays;
import waypost.core.home.HomeGrowth;
import waypost.core.home.HomeLine;
import waypost.core.home.HomeProgram;
import waypost.core.home.HomeSays;
import waypost.core.home.Rhythm;
import waypost.core.home.Waking;
import waypost.core.log.WorkLog;

/** On no day of its validity does a program for home ask what the second judge does not find open then. */
@Tag("slow")
class HomeDaysTest {

    private static final int COURSES = 150;
    private static final int LINES = 12;

    @Test
    void nothingIsAskedOnADayOnWhichItIsBarred() {
        var bundle = Agreement.withHardCases();
        int due = 0;
        int closing = 0;
        int grown = 0;
        for (int seed = 0; seed < COURSES; seed++) {
            GeneratedCourse generated = GeneratedCourse.of(bundle, seed);
            Random random = new Random(seed);
            Course course = LaterDay.course(generated);
            HomeProgram program = program(generated, course, random);
            List<HomeDay> days = new HomeDays(course, generated.date(), program, WorkLog.NONE).all();
            for (HomeDay day : days) {
                SecondJudge second = LaterDay.second(generated, course, day.on(), Outlook.TIME_ONLY);
                for (HomeDay.Judged judged : day.lines()) {
                    closing += judged.says() instanceof HomeSays.Closed ? 1 : 0;
                    if (judged.says() instanceof HomeSays.Due asked) {
                        due++;
                        grown += asked.dose().equals(judged.line().begun()) ? 0 : 1;
                        assertThat(second.judge(role(course, judged.line(), asked))
                                        .kind())
                                .as("seed %s, %s: %s", seed, day.on(), judged)
                                .isIn("OPEN", "OPEN_WITH_LIMIT");
                    }
                }
            }
        }
        assertThat(due).isGreaterThan(1000);
        assertThat(closing).isGreaterThan(100);
        assertThat(grown).isGreaterThan(100);
    }

    private static Role role(Course course, HomeLine line, HomeSays.Due asked) {
        Activity.Exercise exercise = course.exercise(line.role().activity());
        return asked.dose().asked(exercise, exercise.role(line.role()));
    }

    /** What is open, and some of what is not; doses as nobody would write them. */
    private static HomeProgram program(GeneratedCourse generated, Course course, Random random) {
        LocalDate from = generated.date().plusDays(random.nextInt(3));
        List<Role> roles = new ArrayList<>(generated.bundle().activities().stream()
                .filter(Activity.Exercise.class::isInstance)
                .flatMap(activity -> activity.roles().stream())
                .filter(role -> random.nextInt(4) == 0
                        || course.on(from, generated.date(), Outlook.TIME_ONLY)
                                .verdict(role.key())
                                .kind()
                                .isOpen())
                .toList());
        Collections.shuffle(roles, random);
        WildPrescriptions wild = new WildPrescriptions(random, generated.date());
        List<HomeLine> lines = roles.stream()
                .limit(LINES)
                .map(role -> line(course, role, wild, random))
                .toList();
        return new HomeProgram(from, from.plusDays(random.nextInt(21)), Waking.USUAL, lines);
    }

    private static HomeLine line(Course course, Role role, WildPrescriptions wild, Random random) {
        Activity.Exercise exercise = course.exercise(role.key().activity());
        return new HomeLine(
                role.key(),
                wild.dose(exercise, role),
                new Rhythm.Times(1 + random.nextInt(5)),
                random.nextBoolean() ? Set.of() : Set.of(DayOfWeek.of(1 + random.nextInt(7))),
                random.nextBoolean()
                        ? Optional.empty()
                        : Optional.of(new HomeGrowth(1 + random.nextInt(5), 1 + random.nextInt(4), 60)),
                "");
    }
}
