package waypost.app.map;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import waypost.core.course.Course;
import waypost.core.exercise.Activity;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;
import waypost.library.words.Dates;

/** What is written to open, by the day from which it may: the later of its day and its phase's. */
record OpensLane(Course course, Bundle bundle, Ruler ruler) {

    Lane lane() {
        Map<CourseDay, List<String>> byDay = new TreeMap<>(Comparator.comparingInt(CourseDay::number));
        course.resolved()
                .openings()
                .forEach((role, opening) -> opening.writtenFrom(ruler.dayZero())
                        .filter(ruler::shows)
                        .ifPresent(day -> byDay.computeIfAbsent(day, key -> new ArrayList<>())
                                .add(bundle.findActivity(role.activity())
                                        .map(Activity::title)
                                        .orElse(role.activity()))));
        List<CourseDay> days = new ArrayList<>(byDay.keySet());
        List<Mark> marks = new ArrayList<>();
        for (int i = 0; i < days.size(); i++) {
            CourseDay next = i + 1 < days.size() ? days.get(i + 1) : ruler.last();
            List<String> titles =
                    byDay.getOrDefault(days.get(i), List.of()).stream().sorted().toList();
            marks.add(Mark.of(
                    "opens",
                    ruler.at(days.get(i)),
                    ruler.at(next) - ruler.at(days.get(i)),
                    titles.size() == 1 ? titles.get(0) : titles.size() + " rungs",
                    "written to open " + Dates.say(days.get(i).dateFrom(ruler.dayZero())) + ": "
                            + String.join(", ", titles)));
        }
        return new Lane("opens", "Opens", marks);
    }
}
