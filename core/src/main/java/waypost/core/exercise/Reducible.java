package waypost.core.exercise;

import java.util.Optional;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Loading;

/**
 * What can be taken off an exercise, and the least amount at which it still makes sense.
 *
 * @param leastSpan least useful arc in degrees; empty when the range can't be cut
 * @param leastLoading least useful loading; empty when the load can't be lowered
 * @param leastShare least useful share of body mass; empty when support can't be added
 */
public record Reducible(Optional<Double> leastSpan, Optional<Loading> leastLoading, Optional<BodyShare> leastShare) {

    public static final Reducible NOTHING = new Reducible(Optional.empty(), Optional.empty(), Optional.empty());
}
