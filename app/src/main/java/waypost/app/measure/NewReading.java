package waypost.app.measure;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.core.body.Mode;
import waypost.core.body.Side;

/** A reading to be written. */
record NewReading(
        UUID id,
        UUID courseId,
        @Nullable UUID replaces,
        boolean withdrawn,
        String why,
        String measure,
        Side side,
        Mode mode,
        BigDecimal value,
        LocalDate measuredOn,
        boolean strict,
        HowTaken how,
        UUID enteredBy,
        Instant enteredAt) {}
