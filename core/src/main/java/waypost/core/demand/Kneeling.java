package waypost.core.demand;

import waypost.core.body.Joint;
import waypost.core.body.Region;

/** A bent knee is knelt on with a share of body mass. */
public record Kneeling(BodyShare share) implements Demand {
    @Override
    public Object of() {
        return Joint.KNEE;
    }

    @Override
    public boolean isCarried() {
        return share.percent() == 0;
    }

    @Override
    public boolean concerns(Region region) {
        return share.percent() > 0 && region.joints().contains(Joint.KNEE);
    }

    @Override
    public boolean isNoMoreThan(Demand other) {
        return other instanceof Kneeling more && share.compareTo(more.share()) <= 0;
    }
}
