package waypost.app.store;

import java.time.LocalDate;
import java.util.UUID;

/** A signed advance. */
public record AdvanceRow(UUID courseId, String phase, LocalDate fromDate) {}
