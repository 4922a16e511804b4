package waypost.core.exercise;

import java.util.List;
import java.util.stream.Stream;
import waypost.core.demand.Demand;

/**
 * What doing a role asks of the body beside what the role says, worked out from how it is done: who throws stands on legs,
 * who presses up on hands and knees kneels.
 *
 * @param operated of the operated side
 * @param other of the other one, all of it, since a role says nothing of that side
 */
public record Besides(List<Demand> operated, List<Demand> other) {

    /** Nothing, or nothing known. */
    public static final Besides NOTHING = new Besides(List.of(), List.of());

    public Besides {
        operated = List.copyOf(operated);
        other = List.copyOf(other);
    }

    /** This and more of both sides. */
    public Besides with(List<Demand> more) {
        return new Besides(both(operated, more), both(other, more));
    }

    private static List<Demand> both(List<Demand> one, List<Demand> more) {
        return Stream.concat(one.stream(), more.stream()).toList();
    }

    /** The same seen from the other side. */
    public Besides fromOtherSide() {
        return new Besides(other, operated);
    }
}
