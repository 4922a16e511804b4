package waypost.core.done;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Tissue;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.Level;
import waypost.core.demand.Loading;
import waypost.core.exercise.Role;

/**
 * What the hand of an arm that exercises does with the equipment: it lies flat on what it leans on or slides over, or it grips.
 * Common practice, no source.
 */
final class Hands {

    private static final Set<String> FLAT = Set.of(
            "table", "wall", "door frame", "counter", "floor", "bench", "bar at hip height", "soft ball", "ball");
    private static final Set<String> GRIPPED = Set.of(
            "band",
            "stick",
            "strap",
            "dumbbell",
            "bar",
            "bar at hip height",
            "hammer",
            "bat",
            "towel",
            "cane",
            "crutches",
            "walker",
            "walking frame",
            "rail",
            "pulley",
            "plate",
            "medicine ball",
            "rowing machine",
            "arm bicycle",
            "grip trainer",
            "elliptical");
    private static final List<Motion> FINGERS = List.of(Motion.MCP_FLEXION, Motion.PIP_FLEXION, Motion.DIP_FLEXION);

    /** A hand on a table hardly bends the wrist, one on a wall at shoulder height bends it so far. */
    private static final double BACK = -60;

    private final Role role;
    private final List<String> equipment;

    private Hands(Role role, List<String> equipment) {
        this.role = role;
        this.equipment = equipment;
    }

    static List<Demand> of(Role role, List<String> equipment) {
        Hands hands = new Hands(role, equipment);
        return Stream.of(hands.flat(), hands.gripping())
                .flatMap(List::stream)
                .filter(hands::isUnsaid)
                .toList();
    }

    private boolean isUnsaid(Demand demand) {
        return role.demands().stream().noneMatch(demand::isOfTheSameAs);
    }

    private List<Demand> flat() {
        boolean leans = movesArm(Chain.CLOSED) && !Collections.disjoint(FLAT, equipment);
        boolean carries = role.demands().stream()
                        .anyMatch(demand -> demand instanceof Demand.Bearing bearing
                                && bearing.limb() == Limb.ARM
                                && bearing.share().percent() > 0)
                && Collections.disjoint(GRIPPED, equipment);
        if (!leans && !carries) {
            return List.of();
        }
        List<Demand> hand = new ArrayList<>(List.of(opened(Motion.WRIST_FLEXION, Arc.between(BACK, 0))));
        FINGERS.forEach(finger -> hand.add(opened(finger, Arc.between(0, 0))));
        return hand;
    }

    private boolean movesArm(Chain chain) {
        return role.demands().stream()
                .anyMatch(demand -> demand instanceof Demand.Movement movement
                        && movement.chain() == chain
                        && movement.motion().joint().limb() == Limb.ARM);
    }

    /** Straightened by what it lies on. */
    private static Demand opened(Motion motion, Arc arc) {
        return new Demand.Movement(
                motion,
                arc,
                Optional.empty(),
                Direction.NEGATIVE,
                Mode.PASSIVE,
                Chain.CLOSED,
                Loading.NONE,
                EndRange.SHORT_OF_IT);
    }

    private List<Demand> gripping() {
        boolean ofArm = role.demands().stream()
                .anyMatch(demand -> demand instanceof Demand.Movement movement
                                && movement.motion().joint().limb() == Limb.ARM
                        || demand instanceof Demand.Bearing bearing && bearing.limb() == Limb.ARM);
        return ofArm && !Collections.disjoint(GRIPPED, equipment)
                ? List.of(grips(Tissue.FINGER_FLEXORS), grips(Tissue.FOREARM_FLEXORS))
                : List.of();
    }

    private static Demand grips(Tissue tissue) {
        return new Demand.TissueLoad(tissue, Level.LOW, Mode.RESISTED, Optional.empty());
    }
}
