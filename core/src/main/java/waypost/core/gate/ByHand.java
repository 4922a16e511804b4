package waypost.core.gate;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import waypost.core.body.Mode;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.exercise.Role;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.Quantity;
import waypost.core.resolved.InForce;

/**
 * What hands ask of a limb, in the forms of which one has to be open to a patient: an end that somebody may press alone or
 * with help, the heel on the floor or free, other hands may press as well. Where a limit says how hard an end is pressed on
 * this day, nothing else has to.
 */
final class ByHand {

    private ByHand() {}

    static Stream<List<Demand>> forms(Role treated, List<InForce<?>> limits, Facts facts) {
        List<Demand> unsaid = IntStream.range(0, treated.demands().size())
                .filter(at -> limits.stream().noneMatch(limit -> allowsPressing(limit, treated, at, facts)))
                .mapToObj(treated.demands()::get)
                .toList();
        return Stream.of(Mode.PASSIVE, Mode.ASSISTED)
                .flatMap(mode -> Arrays.stream(Chain.values()).map(chain -> pressedSo(unsaid, mode, chain)));
    }

    private static boolean allowsPressing(InForce<?> limit, Role treated, int at, Facts facts) {
        return limit.limit() instanceof AmountLimit<?> amount
                && amount.quantity() instanceof Quantity.EndForce
                && amount.concerns(treated, at)
                && limit.respected(treated, at, facts.day(), facts.met());
    }

    private static List<Demand> pressedSo(List<Demand> demands, Mode mode, Chain chain) {
        return demands.stream()
                .map(demand -> demand instanceof Demand.Movement movement ? movement.pressedSo(mode, chain) : demand)
                .toList();
    }
}
