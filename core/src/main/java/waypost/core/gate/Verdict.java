package waypost.core.gate;

import java.util.List;
import java.util.Optional;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.reason.Reason;
import waypost.core.reason.VerdictKind;

/**
 * What was decided, derived from its reasons so that it can't contradict them.
 *
 * @param kind the worst that a reason makes of it
 * @param reasons every reason found, in the order of the rules; none when simply open
 * @param reducedTo for "open with a limit": the form that is open
 */
public record Verdict(RoleKey role, VerdictKind kind, List<Reason> reasons, Optional<Role> reducedTo) {

    public Verdict {
        reasons = List.copyOf(reasons);
        if (kind != worst(reasons)) {
            throw new IllegalArgumentException(role + ": found " + kind + ", allowed: " + worst(reasons));
        }
    }

    /** The verdict; a reduced form is kept only where it is what is open. */
    static Verdict of(RoleKey role, List<Reason> reasons, Optional<Role> reduced) {
        VerdictKind kind = worst(reasons);
        return new Verdict(role, kind, reasons, kind == VerdictKind.OPEN_WITH_LIMIT ? reduced : Optional.empty());
    }

    private static VerdictKind worst(List<Reason> reasons) {
        VerdictKind worst = VerdictKind.OPEN;
        for (Reason reason : reasons) {
            worst = worst.worse(reason.kind());
        }
        return worst;
    }
}
