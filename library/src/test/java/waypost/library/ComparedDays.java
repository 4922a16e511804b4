package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import waypost.core.compare.Comparison;
import waypost.core.compare.RoleDifference;
import waypost.core.compare.Stretch;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.reason.VerdictKind;

/** What is told to differ between two courses, held against both judged on every third day. */
public final class ComparedDays {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final int LAST_DAY = 300;

    private ComparedDays() {}

    /** Fails on the first role and day of which something else is told than is judged. */
    public static void areToldAsJudged(Course left, Course right) {
        Comparison comparison = Comparison.of(left, right);
        for (int day = left.resolved().protocol().begins(DAY_ZERO).number(); day <= LAST_DAY; day += 3) {
            Map<RoleKey, VerdictKind> here = kinds(on(left, day));
            Map<RoleKey, VerdictKind> there = kinds(on(right, day));
            for (Map.Entry<RoleKey, VerdictKind> one : here.entrySet()) {
                VerdictKind other = there.get(one.getKey());
                List<RoleDifference.Kinds> expected =
                        one.getValue() == other ? List.of() : List.of(new RoleDifference.Kinds(one.getValue(), other));
                assertThat(told(comparison, one.getKey(), day))
                        .as(one.getKey() + " on day " + day)
                        .isEqualTo(expected);
            }
        }
    }

    public static Standing on(Course course, int day) {
        int begins = course.resolved().protocol().begins(DAY_ZERO).number();
        return course.on(DAY_ZERO.plusDays(day), DAY_ZERO.plusDays(begins - 1), Outlook.TO_PLAN);
    }

    private static Map<RoleKey, VerdictKind> kinds(Standing standing) {
        Map<RoleKey, VerdictKind> kinds = new HashMap<>();
        for (Verdict verdict : standing.verdicts()) {
            kinds.put(verdict.role(), verdict.kind());
        }
        return kinds;
    }

    /** The kinds that a comparison tells for a role on a day; empty when it tells of no difference. */
    static List<RoleDifference.Kinds> told(Comparison comparison, RoleKey role, int day) {
        List<RoleDifference.Kinds> told = new ArrayList<>();
        for (RoleDifference difference : comparison.roles()) {
            if (difference.role().equals(role)) {
                for (Stretch<RoleDifference.Kinds> stretch : difference.stretches()) {
                    boolean begun = stretch.from().number() <= day;
                    if (begun && stretch.until().map(end -> day < end.number()).orElse(true)) {
                        told.add(stretch.what());
                    }
                }
            }
        }
        return told;
    }
}
