package waypost.core.exercise;

import java.util.Optional;
import java.util.Set;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Count;
import waypost.core.demand.EndRange;
import waypost.core.demand.Load;
import waypost.core.demand.Loading;

/**
 * What can be taken off an exercise, and the least amount at which it still makes sense. Empty: it can't be taken off.
 *
 * @param span least useful arc in degrees
 * @param loading least useful loading
 * @param share least useful share of body mass
 * @param load least useful load, in the unit in which it can be lowered
 * @param contacts least useful ground contacts
 * @param end least pressing of the end of range
 * @param setUps set-ups that can be put in place, such as "brace-locked"
 */
public record Reducible(
        Optional<Double> span,
        Optional<Loading> loading,
        Optional<BodyShare> share,
        Optional<Load> load,
        Optional<Count> contacts,
        Optional<EndRange> end,
        Set<String> setUps) {

    public static final Reducible NOTHING = new Reducible(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Set.of());

    public Reducible {
        setUps = Set.copyOf(setUps);
    }

    /** Only the arc can be cut, down to so many degrees. */
    public static Reducible toSpan(double degrees) {
        return new Reducible(
                Optional.of(degrees),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Set.of());
    }

    /** This for an exercise that can be done with these set-ups. */
    public Reducible using(Set<String> others) {
        return new Reducible(span, loading, share, load, contacts, end, others);
    }

    /** Whether an arc so cut still makes sense. */
    public boolean leavesEnough(double degrees) {
        return span.isPresent() && degrees >= span.get();
    }
}
