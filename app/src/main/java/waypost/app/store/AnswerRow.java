package waypost.app.store;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import waypost.core.log.Response;
import waypost.core.safety.CheckIn;
import waypost.library.coursefile.CheckedIn;

/**
 * What a check-in says of the day and of the session before it.
 *
 * @param flagIds ids of the red flags raised, apart by spaces
 */
record AnswerRow(
        UUID courseId,
        LocalDate checkedOn,
        int painNow,
        @Nullable Integer painAfter,
        @Nullable Integer painMorning,
        CheckIn.Swelling swelling,
        Response.Soreness soreness,
        String flagIds) {

    /** As it is told. */
    CheckedIn checkedIn() {
        Set<String> flags =
                Arrays.stream(flagIds.split(" ")).filter(id -> !id.isEmpty()).collect(Collectors.toUnmodifiableSet());
        CheckIn said =
                new CheckIn(painNow, Optional.ofNullable(painAfter), Optional.ofNullable(painMorning), swelling, flags);
        return new CheckedIn(checkedOn, said, soreness);
    }
}
