package waypost.app.map;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import waypost.core.course.Course;
import waypost.core.measure.Reading;
import waypost.core.protocol.FollowUp;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;
import waypost.library.words.Dates;

/** Measuring week by week: taken, or due. */
record MeasureLane(Course course, Bundle bundle, Ruler ruler, LocalDate today) {

    private static final int DAYS_A_WEEK = 7;

    Lane lane() {
        Set<Integer> taken = course.history().readings().all().stream()
                .map(Reading::date)
                .map(date -> week(CourseDay.between(ruler.dayZero(), date)))
                .collect(Collectors.toSet());
        List<Mark> marks = new ArrayList<>();
        for (int week = week(ruler.first()); week * DAYS_A_WEEK < ruler.last().number(); week++) {
            CourseDay middle = new CourseDay(week * DAYS_A_WEEK + DAYS_A_WEEK / 2);
            Set<String> due = due(week);
            if (ruler.shows(middle) && (taken.contains(week) || !due.isEmpty())) {
                marks.add(mark(week, middle, taken.contains(week), due));
            }
        }
        return new Lane("measures", "Measure", marks);
    }

    private Mark mark(int week, CourseDay middle, boolean taken, Set<String> due) {
        LocalDate monday = new CourseDay(week * DAYS_A_WEEK).dateFrom(ruler.dayZero());
        boolean missed = !taken && monday.plusDays(DAYS_A_WEEK).isBefore(today);
        return Mark.of(
                taken ? "measured" : missed ? "missed" : "to-measure",
                ruler.at(middle),
                0,
                "",
                "week of " + Dates.say(monday) + ": " + (taken ? "measured" : "due: " + String.join(", ", due)));
    }

    private Set<String> due(int week) {
        Set<String> due = new TreeSet<>();
        for (FollowUp.Measuring measuring : course.resolved().followUp().measuring()) {
            int from = measuring.from().from(ruler.dayZero()).number();
            int end = (week + 1) * DAYS_A_WEEK - 1;
            int since = end - from;
            if (since >= 0 && since % measuring.everyDays() < DAYS_A_WEEK) {
                due.add(bundle.measure(measuring.measure()).title());
            }
        }
        return due;
    }

    private static int week(CourseDay day) {
        return Math.floorDiv(day.number(), DAYS_A_WEEK);
    }
}
