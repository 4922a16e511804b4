package waypost.core.gate;

import java.util.List;
import waypost.core.exercise.Role;
import waypost.core.protocol.Phase;
import waypost.core.reason.Reason;

/**
 * What the rules say of a role in one stretch of days, apart from holds, events and measured range.
 *
 * @param phase the phase signed when it was said
 * @param met which of the criteria that its rules look at were met, a bit for each
 * @param opening what speaks against its opening; none where the protocol need not speak of it
 * @param rules the set-ups that it needs, then what the limits object
 * @param allowed the role cut down to what the limits allow, or as it is
 * @param alone the verdict where nothing else speaks
 */
record Said(Phase phase, long met, List<Reason> opening, List<Reason> rules, Role allowed, Verdict alone) {

    Said {
        opening = List.copyOf(opening);
        rules = List.copyOf(rules);
    }
}
