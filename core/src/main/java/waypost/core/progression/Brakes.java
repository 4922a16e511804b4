package waypost.core.progression;

import java.util.Optional;
import waypost.core.exercise.RoleKey;

/** What of a day speaks against more, whatever rule asks for it. */
record Brakes(OpenToday open, HeldBack heldBack, BesideSport besideSport) {

    /** What keeps a role that was done before from going up. */
    Optional<Ground> more(RoleKey role) {
        return besideSport.tapers(role).or(() -> heldBack.more(role));
    }

    /** The same of a role that may never have been done. */
    Optional<Ground> atOnce(RoleKey role) {
        return heldBack.atOnce(role).or(() -> besideSport.tapers(role));
    }
}
