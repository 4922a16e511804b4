package waypost.core.course;

import java.time.LocalDate;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Stream;
import waypost.core.log.Hold;
import waypost.core.time.CourseDay;
import waypost.core.time.Window;

/** The days of a course on which anything changes. */
record Timeline(Course course) {

    /** The days on which a verdict may change, if all goes to plan: those of the rules, and those expected of the phases. */
    SortedSet<CourseDay> daysOfChange() {
        SortedSet<CourseDay> days = new TreeSet<>(course.gate().changePoints());
        othersChanges().forEach(days::add);
        course.resolved()
                .protocol()
                .phases()
                .forEach(phase ->
                        days.add(phase.expected().from(course.resolved().dayZero())));
        return days;
    }

    /** The days on this course's count on which another one begins, ends or changes. */
    private Stream<CourseDay> othersChanges() {
        return course.others().stream().map(Companion::course).flatMap(other -> {
            int ahead = CourseDay.between(
                            course.resolved().dayZero(), other.resolved().dayZero())
                    .number();
            return Stream.concat(
                            other.gate().changePoints().stream(),
                            other.runs().stream().flatMap(Window::ends))
                    .map(day -> day.plusDays(ahead));
        });
    }

    /** The dates on which anything changes by time alone: rules beginning, changing, ending, duties and holds. */
    SortedSet<LocalDate> dates() {
        SortedSet<LocalDate> dates = new TreeSet<>();
        Stream.concat(course.gate().changePoints().stream(), othersChanges())
                .forEach(day -> dates.add(day.dateFrom(course.resolved().dayZero())));
        new Duties(course.resolved())
                .changes()
                .forEach(day -> dates.add(day.dateFrom(course.resolved().dayZero())));
        for (Hold hold : course.history().holds()) {
            dates.add(hold.from());
            hold.ended().ifPresent(dates::add);
            course.holdRules(hold)
                    .filter(rule -> rule.longestDays().isPresent())
                    .forEach(rule ->
                            dates.add(hold.from().plusDays(rule.longestDays().getAsInt())));
            hold.ended()
                    .ifPresent(ended -> course.holdRules(hold)
                            .flatMap(rule -> rule.reEntry().stream())
                            .forEach(entry -> dates.add(ended.plusDays(entry.days()))));
        }
        return dates;
    }
}
