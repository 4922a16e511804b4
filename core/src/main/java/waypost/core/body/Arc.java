package waypost.core.body;

import java.util.Optional;
import java.util.stream.Stream;

/** A closed interval on a joint's axis, from the lesser to the greater angle. */
public record Arc(Degrees least, Degrees most) {

    public Arc {
        if (least.compareTo(most) > 0) {
            throw new IllegalArgumentException(
                    "arc: found " + least.value() + " to " + most.value() + ", allowed: the lesser angle first");
        }
    }

    public static Arc between(double least, double most) {
        return new Arc(Degrees.of(least), Degrees.of(most));
    }

    public boolean contains(Degrees angle) {
        return least.compareTo(angle) <= 0 && angle.compareTo(most) <= 0;
    }

    public boolean contains(Arc inner) {
        return contains(inner.least) && contains(inner.most);
    }

    /** What two arcs share; empty when they do not meet. */
    public Optional<Arc> intersect(Arc other) {
        Degrees from = least.max(other.least);
        Degrees to = most.min(other.most);
        return from.compareTo(to) <= 0 ? Optional.of(new Arc(from, to)) : Optional.empty();
    }

    /** Its width in degrees. */
    public double span() {
        return most.above(least);
    }

    /** Whether this goes beyond the edge of {@code zone}; only touching it is not entering. */
    public boolean enters(Arc zone) {
        return most.compareTo(zone.least) > 0 && least.compareTo(zone.most) < 0;
    }

    /** The pieces of this that lie outside {@code zone}, the lower first; a single point on its edge is a piece. */
    public Stream<Arc> outside(Arc zone) {
        Stream<Arc> below =
                least.compareTo(zone.least) <= 0 ? Stream.of(new Arc(least, most.min(zone.least))) : Stream.empty();
        Stream<Arc> above =
                most.compareTo(zone.most) >= 0 ? Stream.of(new Arc(least.max(zone.most), most)) : Stream.empty();
        return Stream.concat(below, above);
    }
}
