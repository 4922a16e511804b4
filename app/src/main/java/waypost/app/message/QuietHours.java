package waypost.app.message;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.Set;

/**
 * When nobody is written to: at night, and on the clinic's closed days.
 *
 * @param closed days of the week on which the clinic is closed; never all seven
 */
record QuietHours(Set<DayOfWeek> closed) {

    private static final LocalTime FROM = LocalTime.of(20, 0);
    private static final LocalTime UNTIL = LocalTime.of(8, 0);

    QuietHours {
        closed = closed.size() < DayOfWeek.values().length ? Set.copyOf(closed) : Set.of();
    }

    /** The first moment from {@code wanted} on at which one may write. */
    ZonedDateTime next(ZonedDateTime wanted) {
        ZonedDateTime moment = wanted;
        if (moment.toLocalTime().isBefore(UNTIL)) {
            moment = morning(moment);
        } else if (!moment.toLocalTime().isBefore(FROM)) {
            moment = morning(moment.plusDays(1));
        }
        while (closed.contains(moment.getDayOfWeek())) {
            moment = morning(moment.plusDays(1));
        }
        return moment;
    }

    private static ZonedDateTime morning(ZonedDateTime day) {
        return day.toLocalDate().atTime(UNTIL).atZone(day.getZone());
    }
}
