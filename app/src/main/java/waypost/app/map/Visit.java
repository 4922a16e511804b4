package waypost.app.map;

import java.time.LocalDate;
import java.util.Locale;

/** A visit of the patient, kept, missed or booked. */
public record Visit(LocalDate on, Kind kind) {

    /** What became of it. */
    public enum Kind {
        CAME,
        MISSED,
        BOOKED;

        String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
