package waypost.core.body;

import java.util.Optional;

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
}
