package waypost.app.entry;

import java.time.LocalDate;

/** A day or place was asked for that no page can show; the message says what was found and what is allowed. */
public final class OutOfReach extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private static final LocalDate EARLIEST = LocalDate.of(1990, 1, 1);
    private static final LocalDate LATEST = LocalDate.of(2199, 12, 31);

    private OutOfReach(String message) {
        super(message);
    }

    /** An address names a place in a list that no list wrote. */
    public static OutOfReach place() {
        return new OutOfReach("This page is not on the record. Open the record again and go on from there.");
    }

    /** The day, if it lies between the two. */
    public static LocalDate check(LocalDate day, LocalDate first, LocalDate last) {
        if (day.isBefore(first) || day.isAfter(last)) {
            throw new OutOfReach("Found the day " + day + ", allowed: " + first + " to " + last + ".");
        }
        return day;
    }

    /** The day, if a clinic can have one like it. */
    public static LocalDate check(LocalDate day) {
        return check(day, EARLIEST, LATEST);
    }
}
