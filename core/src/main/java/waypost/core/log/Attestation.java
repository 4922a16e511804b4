package waypost.core.log;

import java.time.LocalDate;

/** Somebody says that a criterion holds: a clearance, a precaution taught back, an image seen. */
public record Attestation(String criterion, LocalDate on, String by) {}
