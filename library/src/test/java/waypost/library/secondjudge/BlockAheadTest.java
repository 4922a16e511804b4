package waypost.library.secondjudge;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.core.block.BlockAhead;
import waypost.core.block.BlockSpan;
import waypost.core.block.FirstDay;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.exercise.Role;

/** No block plans what the second judge does not find open on the day for which it is meant, and no day is too late. */
@Tag("slow")
class BlockAheadTest {

    private static final int COURSES = 120;
    private static final int COURSES_BY_DAY = 24;
    private static final int A_ROLE_IN = 9;

    @Test
    void whatIsMeantIsOpenOnItsDay() {
        var bundle = Agreement.withHardCases();
        int certain = 0;
        int later = 0;
        int toPlan = 0;
        for (int seed = 0; seed < COURSES; seed++) {
            GeneratedCourse generated = GeneratedCourse.of(bundle, seed);
            Course course = LaterDay.course(generated);
            LocalDate today = generated.date();
            BlockSpan span = new BlockSpan(today.plusDays(seed % 15 - 3), 1 + seed % BlockSpan.MOST_WEEKS);
            BlockAhead ahead = BlockAhead.of(course, today, span);
            Map<LocalDate, SecondJudge> judges = new HashMap<>();
            Map<LocalDate, SecondJudge> planning = new HashMap<>();
            List<Role> roles = bundle.activities().stream()
                    .flatMap(activity -> activity.roles().stream())
                    .toList();
            for (int nth = seed % A_ROLE_IN; nth < roles.size(); nth += A_ROLE_IN) {
                Optional<FirstDay> first = ahead.of(roles.get(nth).key());
                if (first.isEmpty()) {
                    continue;
                }
                LocalDate day = first.get().on();
                assertThat(day).isBetween(span.begins(), span.endsBefore().minusDays(1));
                assertThat(day).isAfterOrEqualTo(today);
                SecondJudge second = (first.get().isCertain() ? judges : planning)
                        .computeIfAbsent(
                                day,
                                on -> LaterDay.second(
                                        generated, course, on, first.get().outlook()));
                assertThat(second.judge(roles.get(nth)).kind())
                        .as("seed %s: %s %s", seed, roles.get(nth).key(), first.get())
                        .isIn("OPEN", "OPEN_WITH_LIMIT");
                certain += first.get().isCertain() ? 1 : 0;
                later += day.isAfter(today) && day.isAfter(span.begins()) ? 1 : 0;
                toPlan += first.get().isCertain() ? 0 : 1;
            }
        }
        assertThat(certain).isGreaterThan(500);
        assertThat(later).isGreaterThan(50);
        assertThat(toPlan).isGreaterThan(50);
    }

    /** Asked day by day, nothing opens earlier by time alone, and what is said to close does so on that day first. */
    @Test
    void noDayOpensOrClosesEarlier() {
        var bundle = Agreement.withHardCases();
        int closing = 0;
        for (int seed = 0; seed < COURSES_BY_DAY; seed++) {
            GeneratedCourse generated = GeneratedCourse.of(bundle, seed);
            Course course = LaterDay.course(generated);
            LocalDate today = generated.date();
            BlockSpan span = new BlockSpan(today.plusDays(seed % 4), 3);
            BlockAhead ahead = BlockAhead.of(course, today, span);
            for (LocalDate day = span.begins(); day.isBefore(span.endsBefore()); day = day.plusDays(1)) {
                for (var verdict : course.on(day, today, Outlook.TIME_ONLY).verdicts()) {
                    Optional<FirstDay> first = ahead.of(verdict.role()).filter(FirstDay::isCertain);
                    LocalDate opens = first.map(FirstDay::on).orElse(LocalDate.MAX);
                    LocalDate closes = first.flatMap(FirstDay::closes).orElse(LocalDate.MAX);
                    if (day.isBefore(opens)) {
                        assertThat(verdict.kind().isOpen())
                                .as("seed %s, %s: %s", seed, day, verdict.role())
                                .isFalse();
                    } else if (day.isBefore(closes)) {
                        assertThat(verdict.kind().isOpen())
                                .as("seed %s, %s: %s", seed, day, verdict.role())
                                .isTrue();
                    } else if (day.equals(closes)) {
                        closing++;
                        assertThat(verdict.kind().isOpen())
                                .as("seed %s, %s: %s", seed, day, verdict.role())
                                .isFalse();
                    }
                }
            }
        }
        assertThat(closing).isPositive();
    }
}
