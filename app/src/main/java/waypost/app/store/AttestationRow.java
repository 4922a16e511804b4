package waypost.app.store;

import java.time.LocalDate;
import java.util.UUID;

/** What somebody said of a milestone that is not measured. */
public record AttestationRow(UUID courseId, String criterion, LocalDate attestedOn, String saidBy) {}
