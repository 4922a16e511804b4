package waypost.core.body;

import java.util.HashSet;
import java.util.Set;

/**
 * What the surgery concerns: whatever asks something of it needs an opening.
 *
 * @param joints the joints whose motion counts
 * @param tissues the tissues whose load counts, donor sites included
 * @param limbs the limbs whose carrying, holding or pushing counts: a walking aid loads an operated arm
 * @param through the limbs whose carrying, holding or pushing goes through it though they are none of it: the trunk holds
 *     against whatever arms and legs do
 */
public record Region(Set<Joint> joints, Set<Tissue> tissues, Set<Limb> limbs, Set<Limb> through) {

    public Region {
        joints = Set.copyOf(joints);
        tissues = Set.copyOf(tissues);
        limbs = Set.copyOf(limbs);
        through = Set.copyOf(through);
    }

    /** One through which nothing goes that is not its own. */
    public Region(Set<Joint> joints, Set<Tissue> tissues, Set<Limb> limbs) {
        this(joints, tissues, limbs, Set.of());
    }

    /** Whether it minds what {@code limb} carries, holds or pushes. */
    public boolean minds(Limb limb) {
        return limbs.contains(limb) || through.contains(limb);
    }

    /** This and another: a donor site, a second repair, the muscle that was strained. */
    public Region with(Region other) {
        return new Region(
                both(joints, other.joints()),
                both(tissues, other.tissues()),
                both(limbs, other.limbs()),
                both(through, other.through()));
    }

    private static <T> Set<T> both(Set<T> one, Set<T> other) {
        Set<T> all = new HashSet<>(one);
        all.addAll(other);
        return all;
    }
}
