package waypost.core.demand;

import waypost.core.body.Limb;
import waypost.core.body.Region;

/**
 * The steps of running in a session, both feet counted: ground contacts, but smaller ones than those of hops and jumps, which
 * are counted by themselves.
 *
 * @param perMinute how many in a minute of it, 0 where it is not told by time
 */
public record RunningSteps(Count count, Count perMinute) implements Demand {

    /** The same for so many minutes of it. */
    public RunningSteps lasting(int minutes) {
        return new RunningSteps(new Count(Math.min(Count.MOST, perMinute.number() * minutes)), perMinute);
    }

    @Override
    public Object of() {
        return Limb.LEG;
    }

    @Override
    public boolean isCarried() {
        return count.number() == 0;
    }

    @Override
    public boolean concerns(Region region) {
        return count.number() > 0 && region.minds(Limb.LEG);
    }

    @Override
    public boolean isNoMoreThan(Demand other) {
        return other instanceof RunningSteps more && count.compareTo(more.count()) <= 0;
    }
}
