package waypost.app.map;

import java.time.LocalDate;
import java.util.Optional;
import waypost.core.log.Decisions;
import waypost.core.log.Order;
import waypost.core.time.CourseDay;
import waypost.library.words.Dates;

/** The surgeon's orders, each from its first day to the day on which it no longer holds. */
record OrderLane(Decisions decisions, Ruler ruler) {

    Lane lane() {
        return new Lane(
                "orders",
                "Orders",
                decisions.orders().stream()
                        .map(this::mark)
                        .filter(mark -> mark.width() > 0)
                        .toList());
    }

    private Mark mark(Order order) {
        CourseDay start = CourseDay.between(ruler.dayZero(), order.from());
        Optional<LocalDate> end = order.endsOn();
        double left = ruler.at(start);
        double right = end.map(day -> ruler.at(CourseDay.between(ruler.dayZero(), day)))
                .orElse(100.0);
        return Mark.of(
                "order",
                left,
                right - left,
                order.words(),
                "order of " + order.surgeon() + " from " + Dates.say(order.from())
                        + end.map(day -> " to " + Dates.say(day.minusDays(1))).orElse(" on") + ": " + order.words());
    }
}
