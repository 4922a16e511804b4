package waypost.core.safety;

import java.util.Set;
import waypost.core.body.Joint;
import waypost.core.body.Region;
import waypost.core.body.Tissue;

/**
 * A sign that is asked for at every check-in.
 *
 * @param asks the question, in plain words
 * @param think what it may be
 * @param says what to do now
 * @param joints the joints whose operation makes it a question; empty for every course
 * @param tissues the tissues of which one must have been treated besides; empty where any will do
 */
public record RedFlag(
        String id, String asks, Tier tier, String think, String says, Set<Joint> joints, Set<Tissue> tissues) {

    public RedFlag {
        joints = Set.copyOf(joints);
        tissues = Set.copyOf(tissues);
    }

    /** Whether it is asked after an operation on this region. */
    public boolean concerns(Region region) {
        return (joints.isEmpty() || joints.stream().anyMatch(region.joints()::contains))
                && (tissues.isEmpty() || tissues.stream().anyMatch(region.tissues()::contains));
    }
}
