package waypost.app.map;

import java.util.List;
import waypost.core.time.CourseDay;
import waypost.library.words.Dates;

/** Visits, as dots: came, missed, booked. */
record VisitLane(List<Visit> visits, Ruler ruler) {

    Lane lane() {
        return new Lane(
                "visits",
                "Visits",
                visits.stream()
                        .filter(visit -> ruler.shows(day(visit)))
                        .map(this::mark)
                        .toList());
    }

    private Mark mark(Visit visit) {
        return Mark.of(
                visit.kind().word(),
                ruler.at(day(visit)),
                0,
                "",
                "visit of " + Dates.say(visit.on()) + ", " + visit.kind().word());
    }

    private CourseDay day(Visit visit) {
        return CourseDay.between(ruler.dayZero(), visit.on());
    }
}
