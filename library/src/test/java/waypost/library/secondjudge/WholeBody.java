package waypost.library.secondjudge;

import java.util.ArrayList;
import java.util.List;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.GettingDown;
import waypost.core.demand.Kneeling;
import waypost.core.demand.Loading;
import waypost.core.exercise.Besides;
import waypost.core.exercise.Role;

/** What doing a role asks beside what it says, put beside it and compared, from the data alone. */
final class WholeBody {

    private WholeBody() {}

    /** All that is asked at once in each part. */
    static Role of(Role role) {
        List<Demand> demands = new ArrayList<>(role.demands());
        List<Integer> parts = new ArrayList<>(role.parts());
        for (int part : role.parts().stream().mapToInt(i -> i).distinct().toArray()) {
            for (Demand demand : role.besides().operated()) {
                demands.add(demand);
                parts.add(part);
            }
        }
        return new Role(
                role.key(),
                role.title(),
                demands,
                parts,
                role.reducible(),
                role.setUps(),
                role.facing(),
                role.besides());
    }

    static Besides turned(Besides besides) {
        return new Besides(besides.other(), besides.operated());
    }

    /** Whether who does {@code more} does all of {@code demand}. */
    static boolean coversIt(Demand more, Demand demand) {
        if (demand instanceof Demand.Bearing less && more instanceof Demand.Bearing bearing) {
            return bearing.limb() == less.limb()
                    && bearing.share().percent() >= less.share().percent()
                    && bearing.support().ordinal() >= less.support().ordinal();
        }
        if (demand instanceof Demand.Held less && more instanceof Demand.Held held) {
            return held.limb() == less.limb()
                    && held.load().unit() == less.load().unit()
                    && held.load().amount() >= less.load().amount();
        }
        if (demand instanceof Kneeling less && more instanceof Kneeling kneeling) {
            return kneeling.share().percent() >= less.share().percent();
        }
        if (demand instanceof Demand.TissueLoad less && more instanceof Demand.TissueLoad load) {
            return load.tissue() == less.tissue()
                    && load.effort().ordinal() >= less.effort().ordinal()
                    && (load.mode() == less.mode() || less.mode() == Mode.ACTIVE && load.mode() == Mode.RESISTED)
                    && (load.action().isEmpty() || load.action().equals(less.action()));
        }
        if (demand instanceof Demand.Movement less && more instanceof Demand.Movement movement) {
            return movement.motion() == less.motion()
                    && movement.arc().least().value() <= less.arc().least().value()
                    && movement.arc().most().value() >= less.arc().most().value()
                    && movement.chain() == less.chain()
                    && (movement.mode() == less.mode()
                            || less.mode() == Mode.ACTIVE && movement.mode() == Mode.RESISTED)
                    && movement.loading().ordinal() >= less.loading().ordinal()
                    && movement.end().ordinal() >= less.end().ordinal();
        }
        if (demand instanceof GettingDown) {
            return more instanceof GettingDown
                    || more instanceof Demand.Movement bend
                            && bend.motion() == Motion.KNEE_FLEXION
                            && bend.arc().most().value() >= 100
                            && bend.chain() == Chain.CLOSED
                            && bend.loading() != Loading.NONE
                            && bend.mode() != Mode.PASSIVE
                            && bend.mode() != Mode.ASSISTED;
        }
        return demand instanceof Demand.Strain less && more instanceof Demand.Strain strain
                ? strain.kind() == less.kind()
                        && strain.limb() == less.limb()
                        && strain.level().ordinal() >= less.level().ordinal()
                : more.equals(demand);
    }
}
