package waypost.core.log;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import waypost.core.time.Clocks;

/**
 * Something that happened to the operated limb after day 0 and starts a clock of its own: a fall, an injection, a
 * manipulation, a revision, a cast taken off.
 *
 * @param clock the clock that it starts, such as "fall"
 * @param on the day on which it happened
 * @param words what happened, as told
 * @param by who put it on record
 * @param looked who looked after it; empty until somebody has
 */
public record Event(String clock, LocalDate on, String words, String by, Optional<LookedAfter> looked) {

    /** The clock of a fall, which every course knows: until it is looked after nothing but carried motion is done. */
    public static final String FALL = "fall";

    /** A clinician looked at the limb after the event, and says what was found. */
    public record LookedAfter(LocalDate on, String by, String words) {}

    public Event {
        if (looked.map(found -> found.on().isBefore(on)).orElse(false)) {
            throw new IllegalArgumentException("looked after: found "
                    + looked.get().on() + ", allowed: from " + on + ", the day of the event, on");
        }
    }

    /** The clocks of a course that has its own count and those that events started. */
    public static Clocks clocks(LocalDate dayZero, List<Event> events) {
        return new Clocks(
                dayZero,
                events.stream()
                        .collect(Collectors.groupingBy(
                                Event::clock, Collectors.mapping(Event::on, Collectors.toList()))));
    }

    /** Whether it closes work on {@code date}: a fall that nobody has looked after by then. */
    public boolean closesOn(LocalDate date) {
        return clock.equals(FALL)
                && !date.isBefore(on)
                && looked.map(found -> date.isBefore(found.on())).orElse(true);
    }
}
