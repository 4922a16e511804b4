package waypost.core.body;

import java.util.Set;

/**
 * What the surgery concerns: whatever asks something of it needs an opening.
 *
 * @param joints the joints whose motion counts
 * @param tissues the tissues whose load counts, donor sites included
 * @param bearing whether the operated limb's carrying weight counts
 */
public record Region(Set<Joint> joints, Set<Tissue> tissues, boolean bearing) {

    public Region {
        joints = Set.copyOf(joints);
        tissues = Set.copyOf(tissues);
    }
}
