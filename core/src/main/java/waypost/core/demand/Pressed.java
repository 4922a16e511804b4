package waypost.core.demand;

import waypost.core.body.Joint;
import waypost.core.body.Region;

/**
 * Something lies, is strapped or pushes on the limb beside a joint: a cuff weight, the loop of a band, the pad of a machine, a
 * hand-held device.
 *
 * @param joint the joint beside which it presses
 * @param level a cuff or a light hand is low, the loop of a band moderate, what is pushed against with full strength high
 */
public record Pressed(Joint joint, Level level) implements Demand {
    @Override
    public Object of() {
        return joint;
    }

    /** What presses on skin and bone is minded by limits; the work done against it is said as such. */
    @Override
    public boolean isCarried() {
        return true;
    }

    @Override
    public boolean concerns(Region region) {
        return level != Level.NONE && region.joints().contains(joint);
    }

    @Override
    public boolean isNoMoreThan(Demand other) {
        return other instanceof Pressed more && more.joint() == joint && !level.exceeds(more.level());
    }
}
