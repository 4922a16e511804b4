package waypost.core.resolved;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import waypost.core.criterion.Criterion;
import waypost.core.limit.Provenance;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Phase;

/** Rules that apply under a course's answers, not yet on its dates. */
final class Applying {

    private Applying() {}

    /**
     * A rule with where it comes from.
     *
     * @param unclear whether it conflicts with another under answers that are not known
     */
    record Of<R>(R rule, Provenance from, boolean unclear) {}

    /** An opening with the cases that may apply, and who leaves it uncovered. */
    record Opens(Opening opening, List<Case> cases, List<OpeningInForce.Unsaid> unsaid) {
        Opens {
            cases = List.copyOf(cases);
            unsaid = List.copyOf(unsaid);
        }
    }

    /**
     * A case of an opening with what it names.
     *
     * @param anew events from which it is counted anew
     */
    record Case(
            Opening.Case written, Set<String> anew, Optional<Phase> phase, List<Criterion> criteria, Provenance from) {
        Case {
            criteria = List.copyOf(criteria);
        }
    }
}
