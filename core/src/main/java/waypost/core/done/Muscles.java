package waypost.core.done;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.body.Direction;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Tissue;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.Level;
import waypost.core.demand.Load;
import waypost.core.demand.Loading;
import waypost.core.demand.StrainKind;
import waypost.core.demand.Support;
import waypost.core.exercise.Role;

/**
 * Which tissues must work at least so hard for what a role says: what moves, holds or catches passes through them. Anatomy;
 * how hard is common practice, no source. A tissue that the role names itself is as the role says.
 */
final class Muscles {

    private static final double RAISED = 30;
    private static final double MOSTLY_ON_ONE_LEG = 60;

    private final Role role;
    private final List<Demand.TissueLoad> held;

    private Muscles(Role role, List<Demand.TissueLoad> held) {
        this.role = role;
        this.held = held;
    }

    /**
     * The tissues that a role does not name and yet works.
     *
     * @param efforts what holds the weight of the body and of what is held
     */
    static List<Demand> of(Role role, List<Effort> efforts) {
        Muscles muscles = new Muscles(role, efforts.stream().map(Effort::load).toList());
        List<Demand> least = new ArrayList<>();
        Stream.of(muscles.held, muscles.ofLegs(), muscles.ofShoulders(), muscles.ofHands())
                .flatMap(List::stream)
                .filter(load -> !muscles.names(load.tissue()))
                .forEach(load -> strongest(least, load));
        return List.copyOf(least);
    }

    private static void strongest(List<Demand> all, Demand.TissueLoad load) {
        boolean enough = all.stream()
                .anyMatch(other -> other instanceof Demand.TissueLoad more
                        && more.tissue() == load.tissue()
                        && !load.effort().exceeds(more.effort()));
        if (!enough) {
            all.removeIf(other -> other.of().equals(load.tissue()));
            all.add(load);
        }
    }

    private boolean names(Tissue tissue) {
        return role.demands().stream()
                .anyMatch(demand -> demand instanceof Demand.TissueLoad load
                        && load.tissue() == tissue
                        && load.mode() != Mode.PASSIVE);
    }

    /** The kneecap's tendons carry what the thigh's muscle pulls; one leg keeps the pelvis level; calves land. */
    private List<Demand.TissueLoad> ofLegs() {
        List<Demand.TissueLoad> loads = new ArrayList<>();
        if (!names(Tissue.QUADRICEPS)) {
            held.forEach(load -> kneecap(load, loads));
        }
        for (Demand demand : role.demands()) {
            if (demand instanceof Demand.TissueLoad load) {
                kneecap(load, loads);
            }
            if (demand instanceof Demand.Bearing bearing
                    && bearing.limb() == Limb.LEG
                    && bearing.support() == Support.ONE
                    && bearing.share().percent() >= MOSTLY_ON_ONE_LEG) {
                loads.add(works(Tissue.HIP_ABDUCTORS, role.lands() ? Level.HIGH : Level.MODERATE, Mode.ACTIVE));
            }
            if (demand instanceof Demand.Strain strain
                    && strain.kind() == StrainKind.IMPACT
                    && strain.limb() == Limb.LEG
                    && strain.level() != Level.NONE) {
                loads.add(works(Tissue.CALF, strain.level() == Level.LOW ? Level.MODERATE : Level.HIGH, Mode.ACTIVE));
            }
        }
        return loads;
    }

    private static void kneecap(Demand.TissueLoad load, List<Demand.TissueLoad> loads) {
        if (load.tissue() == Tissue.QUADRICEPS && load.mode() != Mode.PASSIVE) {
            loads.add(new Demand.TissueLoad(Tissue.PATELLAR_TENDON, load.effort(), load.mode(), load.action()));
            loads.add(new Demand.TissueLoad(Tissue.QUADRICEPS_TENDON, load.effort(), load.mode(), load.action()));
        }
    }

    /** What raises an arm, and what presses forward: with the hand fixed, or with the chest's muscle. */
    private List<Demand.TissueLoad> ofShoulders() {
        return role.demands().stream()
                .filter(Demand.Movement.class::isInstance)
                .map(Demand.Movement.class::cast)
                .filter(movement -> movement.mode() == Mode.ACTIVE || movement.mode() == Mode.RESISTED)
                .flatMap(movement -> ofShoulder(movement).stream())
                .toList();
    }

    private List<Demand.TissueLoad> ofShoulder(Demand.Movement movement) {
        Level level =
                movement.mode() == Mode.RESISTED || movement.loading() == Loading.ADDED ? Level.MODERATE : Level.LOW;
        Motion motion = movement.motion();
        boolean forward = movement.working() == Direction.POSITIVE;
        boolean raises = forward
                && (motion == Motion.SHOULDER_FLEXION || motion == Motion.SHOULDER_ABDUCTION)
                && movement.arc().most().value() > RAISED;
        boolean presses = forward
                && (motion == Motion.SHOULDER_FLEXION || motion == Motion.SHOULDER_CROSSING)
                && (movement.chain() == Chain.CLOSED
                        ? movement.loading() != Loading.NONE
                        : movement.mode() == Mode.RESISTED && names(Tissue.PECTORALS));
        List<Demand.TissueLoad> loads = new ArrayList<>();
        boolean spreads = motion == Motion.SHOULDER_CROSSING && !forward;
        if ((raises || spreads) && movement.chain() == Chain.OPEN) {
            loads.add(works(Tissue.DELTOID, level, movement.mode()));
            loads.add(works(Tissue.SUPRASPINATUS, level, movement.mode()));
        }
        if (presses) {
            loads.add(works(Tissue.SUBSCAPULARIS, level, movement.mode()));
            loads.add(works(Tissue.PECTORALS, level, movement.mode()));
        }
        if (forward && motion == Motion.ELBOW_FLEXION) {
            loads.add(works(Tissue.BICEPS, level, movement.mode()));
        }
        return loads;
    }

    /** What is held is gripped, and the forearm keeps it from dropping. */
    private List<Demand.TissueLoad> ofHands() {
        return role.demands().stream()
                .filter(demand -> demand instanceof Demand.Held held
                        && held.limb() == Limb.ARM
                        && held.load().amount() > 0)
                .map(demand -> grip(((Demand.Held) demand).load()))
                .flatMap(level -> Stream.of(
                        works(Tissue.FINGER_FLEXORS, level, Mode.RESISTED),
                        works(Tissue.FOREARM_FLEXORS, level, Mode.RESISTED),
                        works(Tissue.BICEPS, Level.LOW, Mode.RESISTED)))
                .toList();
    }

    private static Level grip(Load load) {
        return switch (load.unit()) {
            case KILOGRAMS -> load.amount() <= 3 ? Level.LOW : load.amount() <= 10 ? Level.MODERATE : Level.HIGH;
            case BAND_STEP -> load.amount() <= 2 ? Level.LOW : Level.MODERATE;
            case PERCENT_OF_MAXIMUM -> Level.MODERATE;
        };
    }

    private static Demand.TissueLoad works(Tissue tissue, Level effort, Mode mode) {
        return new Demand.TissueLoad(tissue, effort, mode, Optional.empty());
    }
}
