package waypost.core.time;

import java.time.LocalDate;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.stream.Stream;

/**
 * The clocks of a course: day 0 of the surgery or injury, and of whatever else has its own count (a revision, a
 * manipulation, an injection, a cast taken off, a fall). All days are told on the course's own count.
 *
 * @param others by clock, every date on which it started; a clock that is absent has not started
 */
public record Clocks(LocalDate dayZero, Map<String, List<LocalDate>> others) {

    public Clocks {
        Map<String, List<LocalDate>> sorted = new LinkedHashMap<>();
        others.forEach((clock, starts) ->
                sorted.put(clock, starts.stream().sorted().distinct().toList()));
        others = Collections.unmodifiableMap(sorted);
    }

    /** A course with its own count alone. */
    public static Clocks startingOn(LocalDate dayZero) {
        return new Clocks(dayZero, Map.of());
    }

    /** These and further starts. */
    public Clocks with(Map<String, List<LocalDate>> more) {
        Map<String, List<LocalDate>> all = new LinkedHashMap<>(others);
        more.forEach((clock, starts) -> all.merge(
                clock,
                starts,
                (one, two) -> Stream.concat(one.stream(), two.stream()).toList()));
        return new Clocks(dayZero, all);
    }

    /** The starts of a clock, earliest first; for the course's own clock (an empty name) day 0. */
    public List<LocalDate> startsOf(String clock) {
        return clock.isEmpty() ? List.of(dayZero) : others.getOrDefault(clock, List.of());
    }

    /** The starts of a clock and of the events from which it is counted anew, earliest first. */
    public List<LocalDate> startsOf(String clock, Set<String> anew) {
        if (anew.isEmpty()) {
            return startsOf(clock);
        }
        return Stream.concat(Stream.of(clock), anew.stream())
                .flatMap(each -> startsOf(each).stream())
                .sorted()
                .distinct()
                .toList();
    }

    /** The course day of a moment counted from {@code start}. */
    public CourseDay day(Moment moment, LocalDate start) {
        return CourseDay.between(dayZero, moment.from(start).dateFrom(start));
    }

    /** The course day of a moment on the course's own clock. */
    public CourseDay day(Moment moment) {
        return moment.from(dayZero);
    }

    /**
     * How the clocks lie to each other and to some months of the calendar, without any date: under equal ones every moment
     * that counts no other months falls on the same course day.
     *
     * @param starts by clock, on which course days it started
     * @param months by clock, the course days of the months after each start
     */
    public record Undated(Map<String, List<CourseDay>> starts, Map<String, List<CourseDay>> months) {}

    /** These without their dates, for moments that count these months. */
    public Undated undated(SortedSet<Integer> counted) {
        Map<String, List<CourseDay>> starts = new LinkedHashMap<>();
        Map<String, List<CourseDay>> months = new LinkedHashMap<>();
        months.put("", months(dayZero, counted).toList());
        others.forEach((clock, dates) -> {
            starts.put(
                    clock,
                    dates.stream().map(date -> CourseDay.between(dayZero, date)).toList());
            months.put(
                    clock, dates.stream().flatMap(date -> months(date, counted)).toList());
        });
        return new Undated(starts, months);
    }

    private Stream<CourseDay> months(LocalDate start, SortedSet<Integer> counted) {
        return counted.stream().map(month -> CourseDay.between(dayZero, start.plusMonths(month)));
    }
}
