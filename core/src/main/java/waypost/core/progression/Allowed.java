package waypost.core.progression;

import java.util.List;
import java.util.Optional;
import waypost.core.prescription.WorkingDose;

/**
 * What the gate leaves of a dose that somebody means to prescribe.
 *
 * @param dose what may be done; empty where nothing of it may
 * @param why what the gate objects, if anything
 */
public record Allowed(Optional<WorkingDose> dose, List<Ground> why) {
    public Allowed {
        why = List.copyOf(why);
    }
}
