package waypost.app.appointment;

import java.util.Set;

/** Where an appointment stands, and what may become of it. */
public enum AppointmentState {
    BOOKED,
    ARRIVED,
    DONE,
    NO_SHOW,
    CANCELLED;

    /** The states that may follow; each step can be undone. */
    public Set<AppointmentState> next() {
        return switch (this) {
            case BOOKED -> Set.of(ARRIVED, NO_SHOW, CANCELLED);
            case ARRIVED -> Set.of(DONE, BOOKED);
            case DONE -> Set.of(ARRIVED);
            case NO_SHOW, CANCELLED -> Set.of(BOOKED);
        };
    }

    /** Whether this says that the day itself has come. */
    boolean needsTheDay() {
        return this == ARRIVED || this == DONE || this == NO_SHOW;
    }
}
