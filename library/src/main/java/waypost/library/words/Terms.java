package waypost.library.words;

import java.util.Locale;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Motion;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Demand.Movement;
import waypost.core.demand.Level;
import waypost.core.demand.Loading;
import waypost.core.measure.Plain;
import waypost.core.protocol.VerdictKind;

/** The trade's terms for the core's constants and quantities. */
public final class Terms {

    private Terms() {}

    static String plain(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    public static String degrees(Degrees angle) {
        return Plain.number(angle.value()) + "°";
    }

    static String arc(Arc arc) {
        return degrees(arc.least()) + " to " + degrees(arc.most());
    }

    static String share(BodyShare share) {
        return Plain.number(share.percent()) + " % of body weight";
    }

    static String joint(Motion motion) {
        return plain(motion.joint());
    }

    /** The direction in which the muscles work, such as "knee extension". */
    static String working(Movement movement) {
        return joint(movement.motion()) + " " + movement.motion().name(movement.working());
    }

    static String bend(Motion motion) {
        return joint(motion) + " " + motion.name(Direction.POSITIVE);
    }

    static String effort(Level level) {
        return level == Level.NONE ? "no effort" : plain(level) + " effort";
    }

    static String loading(Loading loading) {
        return switch (loading) {
            case NONE -> "no load";
            case OWN_WEIGHT -> "own weight";
            case ADDED -> "added load";
        };
    }

    /** The word on the sign. */
    public static String verdict(VerdictKind kind) {
        return switch (kind) {
            case OPEN -> "open";
            case OPEN_WITH_LIMIT -> "open with a limit";
            case NOT_YET -> "not yet";
            case NOT_COVERED -> "not covered";
            case ON_HOLD -> "on hold";
            case BARRED -> "barred";
        };
    }
}
