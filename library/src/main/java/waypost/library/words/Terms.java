package waypost.library.words;

import java.util.Locale;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Limb;
import waypost.core.body.Motion;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Demand.Movement;
import waypost.core.demand.Level;
import waypost.core.demand.Load;
import waypost.core.demand.Loading;
import waypost.core.demand.Posture;
import waypost.core.exercise.Progression;
import waypost.core.limit.Component;
import waypost.core.measure.EndFeel;
import waypost.core.measure.Plain;
import waypost.core.measure.Tool;
import waypost.core.reason.VerdictKind;
import waypost.core.time.DayZero;

/** The trade's terms for the core's constants and quantities. */
public final class Terms {

    private Terms() {}

    public static String plain(Enum<?> constant) {
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
        return switch (motion.joint()) {
            case MCP, PIP, DIP -> motion.joint().name();
            default -> plain(motion.joint());
        };
    }

    /** The direction in which the muscles work, such as "knee extension". */
    static String working(Movement movement) {
        return direction(movement.motion(), movement.working());
    }

    /** A direction of an axis, such as "shoulder external rotation". */
    public static String direction(Motion motion, Direction direction) {
        return joint(motion) + " " + motion.name(direction);
    }

    public static String bend(Motion motion) {
        return direction(motion, Direction.POSITIVE);
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

    public static String load(Load load) {
        return switch (load.unit()) {
            case KILOGRAMS -> Plain.number(load.amount()) + " kg";
            case BAND_STEP -> "band " + Plain.number(load.amount());
            case PERCENT_OF_MAXIMUM -> Plain.number(load.amount()) + " % of maximum";
        };
    }

    /** A zone as a combination names it: "hip flexion beyond 60°". */
    static String zone(Component component) {
        Motion motion = component.motion();
        Arc zone = component.zone();
        if (zone.most().equals(motion.possible().most())) {
            return bend(motion) + " beyond " + degrees(zone.least());
        }
        if (zone.least().equals(motion.possible().least())) {
            return joint(motion) + " " + motion.name(Direction.NEGATIVE) + " beyond "
                    + degrees(Degrees.of(-zone.most().value()));
        }
        return bend(motion) + " " + arc(zone);
    }

    static String posture(Posture posture) {
        return switch (posture) {
            case ON_OPERATED_SIDE -> "lying on the affected side";
            case ON_OTHER_SIDE -> "lying on the other side";
            case SUPINE -> "lying on the back";
            case PRONE -> "lying on the front";
            default -> plain(posture);
        };
    }

    /** What day 0 is, as a sentence. */
    public static String dayZero(DayZero clock) {
        return switch (clock) {
            case SURGERY -> "Day 0 is the day of surgery.";
            case INJURY -> "Day 0 is the day of the injury.";
            case START -> "Day 0 is the day on which the course begins.";
        };
    }

    /** What happened, or will happen, on day 0, such as "operated". */
    public static String since(DayZero clock, boolean ahead) {
        return switch (clock) {
            case SURGERY -> ahead ? "surgery planned" : "operated";
            case INJURY -> "injured";
            case START -> ahead ? "begins" : "began";
        };
    }

    /** The rule by which an exercise moves up and down, as a sentence. */
    public static String progression(Progression rule) {
        return switch (rule) {
            case DOUBLE_PROGRESSION ->
                "More load when every set reaches the top of its range within the pain rule, two sessions running.";
            case COMPLETION -> "The next rung when three sets are done within the range at acceptable pain.";
            case HOLD_LADDER ->
                "The next level when the seconds are held in every direction, after two or three days on a level.";
            case BAND_LADDER ->
                "The next band after one to two weeks on one, at the top of the range and in good form.";
            case SORENESS_RULES -> "Up or down by when soreness comes, and whether it goes with warming up.";
            case MINUTES_UNTIL_EQUAL -> "A little longer every day or two, until both sides are equal; then it stops.";
            case STAGES -> "The next stage after three clean repetitions, within the session's cap.";
            case VOLUME_BEFORE_INTENSITY -> "Minutes first; harder only after a week that was tolerated.";
            case CONTACTS -> "More ground contacts each week, within the set share.";
            case AS_WRITTEN -> "It stays as prescribed; less only for pain or lost form.";
        };
    }

    /** What a reading was taken with. */
    public static String tool(Tool tool) {
        return plain(tool);
    }

    /** What stopped a passive movement, such as "firm end feel". */
    public static String endFeel(EndFeel feel) {
        return plain(feel) + " end feel";
    }

    static String limb(Limb limb) {
        return "the affected " + plain(limb);
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
