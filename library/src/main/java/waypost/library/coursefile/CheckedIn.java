package waypost.library.coursefile;

import java.time.LocalDate;
import waypost.core.log.Response;
import waypost.core.log.Telling;
import waypost.core.safety.CheckIn;

/** What was told on coming in on a day. */
public record CheckedIn(LocalDate on, CheckIn said, Response.Soreness soreness) {

    /** As it answers the session before. */
    public Telling telling() {
        return new Telling(
                on,
                said.painNow(),
                said.painAfter(),
                said.painNextMorning(),
                said.swelling() == CheckIn.Swelling.MORE,
                soreness);
    }
}
