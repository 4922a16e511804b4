package waypost.core.demand;

import waypost.core.body.Limb;
import waypost.core.body.Region;

/** How high the hand works. */
public record Reaching(ArmHeight height) implements Demand {
    @Override
    public Object of() {
        return Limb.ARM;
    }

    @Override
    public boolean isCarried() {
        return true;
    }

    @Override
    public boolean concerns(Region region) {
        return region.minds(Limb.ARM);
    }
}
