package waypost.core.demand;

import waypost.core.body.Region;

/** Minutes without a rest, 0 to 600. */
public record Lasting(Count minutes) implements Demand {
    @Override
    public Object of() {
        return minutes;
    }

    @Override
    public boolean isCarried() {
        return true;
    }

    @Override
    public boolean concerns(Region region) {
        return false;
    }
}
