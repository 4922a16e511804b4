package waypost.app.store;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.core.log.Response;
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

    /** How the region answered the session of a day on which pain had been {@code baseline} before. */
    Response to(LocalDate session, int baseline) {
        return new Response(
                session,
                baseline,
                Optional.ofNullable(painAfter),
                Optional.ofNullable(painMorning),
                swelling == CheckIn.Swelling.MORE,
                soreness);
    }
}
