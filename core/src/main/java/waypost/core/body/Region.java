package waypost.core.body;

import java.util.HashSet;
import java.util.Set;

/**
 * What the surgery concerns: whatever asks something of it needs an opening.
 *
 * @param joints the joints whose motion counts
 * @param tissues the tissues whose load counts, donor sites included
 * @param limbs the limbs whose carrying, holding or pushing counts: a walking aid loads an operated arm
 */
public record Region(Set<Joint> joints, Set<Tissue> tissues, Set<Limb> limbs) {

    public Region {
        joints = Set.copyOf(joints);
        tissues = Set.copyOf(tissues);
        limbs = Set.copyOf(limbs);
    }

    /** This with the tissues of a donor site or a second repair. */
    public Region with(Set<Tissue> others) {
        Set<Tissue> all = new HashSet<>(tissues);
        all.addAll(others);
        return new Region(joints, all, limbs);
    }
}
