package waypost.core.exercise;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import waypost.core.body.Limb;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Demand;
import waypost.core.demand.Posture;
import waypost.core.demand.Support;

/**
 * A role as the other side of the body meets it.
 *
 * @param posture how the body is placed, where the exercise says it
 */
public record OtherSide(Role role, Optional<Posture> posture) {

    private static final double WHOLE = 100;

    /** How the body is placed, told from the other side. */
    private Optional<Posture> turned() {
        return role.demands().stream()
                .filter(Demand.Placed.class::isInstance)
                .map(demand -> ((Demand.Placed) demand).posture())
                .findFirst()
                .or(() -> posture)
                .map(Posture::fromOtherSide);
    }

    /** The same for a limb of another kind: what an arm holds while a leg works, with lying told from the other side. */
    public Role forOtherLimbs() {
        boolean onASide = turned().map(placed -> placed == Posture.ON_OPERATED_SIDE || placed == Posture.ON_OTHER_SIDE)
                .orElse(false);
        Role turned = role.asking(role.besides().fromOtherSide());
        if (!onASide) {
            return turned;
        }
        List<Demand> demands = new ArrayList<>();
        List<Integer> parts = new ArrayList<>();
        for (int at = 0; at < role.demands().size(); at++) {
            if (!(role.demands().get(at) instanceof Demand.Placed)) {
                demands.add(role.demands().get(at));
                parts.add(role.parts().get(at));
            }
        }
        demands.add(new Demand.Placed(turned().orElseThrow()));
        parts.add(0);
        return new Role(
                role.key(),
                role.title(),
                demands,
                parts,
                role.reducible(),
                role.setUps(),
                role.facing(),
                turned.besides());
    }

    /**
     * What the same limb of the other side does meanwhile where no part is written for it: it lies under the body or not, and
     * what the body asks of it. Where that is not worked out it carries what this one does not while standing, and as much
     * as this one on hands and knees (common practice, no source). Empty when it does nothing.
     */
    public Optional<Role> meanwhile() {
        List<Demand> demands = new ArrayList<>();
        turned().ifPresent(placed -> {
            demands.add(new Demand.Placed(placed));
            demands.addAll(role.besides().other().isEmpty() ? carried(placed) : List.of());
        });
        role.besides().other().stream()
                .filter(demand -> !(demand instanceof Demand.Placed))
                .forEach(demands::add);
        return demands.isEmpty()
                ? Optional.empty()
                : Optional.of(Role.of(role.key(), role.title(), demands, Reducible.NOTHING));
    }

    private List<Demand> carried(Posture placed) {
        return switch (placed) {
            case STANDING -> List.of(standing());
            case HANDS_AND_KNEES, KNEELING, PLANK ->
                role.demands().stream().filter(Demand.Bearing.class::isInstance).toList();
            default -> List.of();
        };
    }

    private Demand standing() {
        double mine = role.demands().stream()
                .filter(demand -> demand instanceof Demand.Bearing bearing && bearing.limb() == Limb.LEG)
                .mapToDouble(demand -> ((Demand.Bearing) demand).share().percent())
                .max()
                .orElse(0);
        double theirs = Math.max(0, WHOLE - mine);
        Support support = mine == 0 ? Support.ONE : Support.BOTH;
        return new Demand.Bearing(Limb.LEG, BodyShare.ofPercent(theirs), support);
    }
}
