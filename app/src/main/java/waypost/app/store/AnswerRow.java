package waypost.app.store;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.core.log.Response;
import waypost.core.log.Telling;
import waypost.core.safety.CheckIn;

/** What a check-in says of the day and of the session before it. */
public record AnswerRow(
        UUID courseId,
        LocalDate checkedOn,
        int painNow,
        @Nullable Integer painAfter,
        @Nullable Integer painMorning,
        CheckIn.Swelling swelling,
        Response.Soreness soreness) {

    /** As the rules see it. */
    Telling telling() {
        return new Telling(
                checkedOn,
                painNow,
                Optional.ofNullable(painAfter),
                Optional.ofNullable(painMorning),
                swelling == CheckIn.Swelling.MORE,
                soreness);
    }
}
