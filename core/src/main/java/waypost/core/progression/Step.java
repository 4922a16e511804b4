package waypost.core.progression;

import java.time.LocalDate;
import waypost.core.prescription.WorkingDose;

/**
 * What a rule says of the next dose.
 *
 * @param dose to be done on this rung; for another rung what was done last
 * @param from the first day on which it may be done
 */
public record Step(Way way, WorkingDose dose, Ground why, LocalDate from) {}
