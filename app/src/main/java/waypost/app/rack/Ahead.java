package waypost.app.rack;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.gate.Verdict;
import waypost.core.reason.VerdictKind;
import waypost.core.time.CourseDay;

/**
 * Every sign over the whole course: between two days of change nothing changes.
 *
 * @param days course days of change, rising
 * @param signs by activity/role one letter for each day: o open, l open with a limit, n not yet, b barred, h on hold,
 *     c not covered
 */
public record Ahead(List<Integer> days, Map<String, String> signs) {

    /** The signs of a course as things are known on {@code today}. */
    public static Ahead of(Course course, LocalDate today, Outlook outlook) {
        LocalDate dayZero = course.resolved().dayZero();
        SortedSet<CourseDay> days = course.daysOfChange();
        days.add(course.resolved().protocol().begins(dayZero));
        days.add(CourseDay.between(dayZero, today));
        Map<String, StringBuilder> letters = new LinkedHashMap<>();
        for (CourseDay day : days) {
            Standing standing = course.on(day.dateFrom(dayZero), today, outlook);
            for (Verdict verdict : standing.verdicts()) {
                letters.computeIfAbsent(verdict.role().toString(), key -> new StringBuilder())
                        .append(letter(verdict.kind()));
            }
        }
        Map<String, String> signs = new LinkedHashMap<>();
        letters.forEach((role, line) -> signs.put(role, line.toString()));
        List<Integer> numbers = new ArrayList<>();
        days.forEach(day -> numbers.add(day.number()));
        return new Ahead(numbers, signs);
    }

    private static char letter(VerdictKind kind) {
        return switch (kind) {
            case OPEN -> 'o';
            case OPEN_WITH_LIMIT -> 'l';
            case NOT_YET -> 'n';
            case NOT_COVERED -> 'c';
            case ON_HOLD -> 'h';
            case BARRED -> 'b';
        };
    }
}
