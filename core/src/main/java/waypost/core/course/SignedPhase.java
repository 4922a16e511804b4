package waypost.core.course;

import java.time.LocalDate;

/** A signed advance into a phase; it counts from its date on. */
public record SignedPhase(String phase, LocalDate from) {}
