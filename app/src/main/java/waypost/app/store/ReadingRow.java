package waypost.app.store;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;

/** A reading that is neither replaced nor withdrawn. */
public record ReadingRow(
        UUID id,
        UUID courseId,
        String measure,
        String side,
        String mode,
        BigDecimal value,
        LocalDate measuredOn,
        boolean strict,
        String rater) {}
