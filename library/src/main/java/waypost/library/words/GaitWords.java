package waypost.library.words;

import java.util.Locale;
import java.util.Optional;
import waypost.core.body.Side;
import waypost.core.gait.Aid;
import waypost.core.gait.Fault;
import waypost.core.gait.Move;
import waypost.core.gait.Part;
import waypost.core.gait.Pattern;
import waypost.core.gait.Turning;
import waypost.core.gait.Walk;
import waypost.core.gait.Way;
import waypost.core.measure.Plain;

/**
 * Says a walk step by step, as it is said to the patient who does it.
 *
 * @param mass kilograms of the body, where they are known
 */
public record GaitWords(Walk walk, Optional<Double> mass) {

    private static final int FULL = 100;

    /** What is done in one move. */
    public String say(Move move) {
        boolean operated = move.parts().contains(Part.OPERATED_FOOT);
        boolean other = move.parts().contains(Part.OTHER_FOOT);
        boolean aids = move.parts().stream().anyMatch(part -> !part.isFoot());
        return switch (walk.way()) {
            case TURN -> turn(operated, other);
            case STAIRS_UP -> other ? "The " + side(false) + " leg up first." : up(aids);
            case STAIRS_DOWN -> operated ? operatedDown(aids) : down(other);
            case LEVEL -> level(operated, other, aids);
        };
    }

    private String level(boolean operated, boolean other, boolean aids) {
        if (operated && aids) {
            return walk.isOffTheFloor()
                    ? aid(true) + " forward, the " + side(true) + " leg off the floor with " + it() + held()
                    : aid(true) + " and the " + side(true) + " leg forward together" + carries();
        }
        if (operated) {
            return "The " + side(true) + " leg forward" + (aids() ? ", up to it" : "") + carries();
        }
        if (other && aids) {
            return "The other crutch and the " + side(false) + " leg forward together.";
        }
        if (other) {
            return (walk.isOffTheFloor() ? "Push down through the hands. " : "") + "The " + side(false) + " leg "
                    + (walk.goesPast() ? "past it." : "up to it.");
        }
        return aid(true) + " forward" + (walk.aid() == Aid.WALKER ? ", all four legs down." : ".");
    }

    private String up(boolean aids) {
        return walk.isOffTheFloor()
                ? aid(true) + " up onto the same step, the " + side(true) + " leg off the floor."
                : "The " + side(true) + " leg" + (aids ? " and " + aid(false) : "") + " up onto the same step"
                        + carries();
    }

    private String operatedDown(boolean aids) {
        if (walk.isOffTheFloor()) {
            return aid(true) + " down, the " + side(true) + " leg off the floor with " + it() + ".";
        }
        return aids
                ? aid(true) + " and the " + side(true) + " leg down together" + carries()
                : "The " + side(true) + " leg down" + (aids() ? " to it" : " first") + carries();
    }

    private String down(boolean other) {
        return other ? "The " + side(false) + " leg down to the same step." : aid(true) + " down first.";
    }

    private String turn(boolean operated, boolean other) {
        if (operated) {
            return walk.isOffTheFloor()
                    ? "The " + side(true) + " leg comes round off the floor."
                    : "Lift the " + side(true) + " foot and set it down a small step round.";
        }
        return other
                ? "Lift the " + side(false)
                        + " foot and set it down a small step round. Nothing twists on the foot that stands."
                : aid(true) + " a little way round first.";
    }

    /** Which way to turn, and what must not come of it. */
    public String turning() {
        Turning turning = walk.turning();
        String toward = walk.operated() == Side.LEFT == turning.isTowardTheOtherSide() ? "right" : "left";
        return "Turn to the " + toward + ", "
                + switch (turning) {
                    case TOWARD_THE_OTHER_SIDE ->
                        "away from the operated side, in small steps: that leg never crosses and never turns in.";
                    case OPERATED_FOOT_FIRST ->
                        "the operated foot first, in small steps: it is never left behind, and nothing twists on it.";
                    case NEVER_TURNED_OUT ->
                        "away from the operated side, the operated foot first, in small steps: that leg never turns out.";
                    case IN_SMALL_STEPS ->
                        "in small steps: lift each foot, nothing twists on the operated one, and it is not left behind.";
                    case BY_EVERY_RULE ->
                        "away from the operated side, in very small steps: that leg never crosses, never turns in and is never left behind.";
                };
    }

    private String carries() {
        double percent = walk.most().percent();
        if (percent >= FULL || walk.isOffTheFloor()) {
            return ".";
        }
        return ", at most " + Plain.number(percent) + " % on it"
                + mass.map(kilograms ->
                                " (" + Plain.number(Math.floor(walk.most().kilogramsOf(kilograms))) + " kg)")
                        .orElse("")
                + ".";
    }

    private String held() {
        return walk.isHeldStraight() ? ", held out straight." : ".";
    }

    private boolean aids() {
        return walk.aid() != Aid.NONE;
    }

    private String it() {
        return walk.aid() == Aid.WALKER ? "it" : "them";
    }

    private String aid(boolean first) {
        String said = switch (walk.aid()) {
            case WALKER -> "the frame";
            case TWO_CRUTCHES ->
                walk.pattern() == Pattern.TWO_POINT && walk.way() == Way.LEVEL
                        ? "the crutch in the " + side(false) + " hand"
                        : "both crutches";
            case ONE_CRUTCH -> "the crutch in the " + side(false) + " hand";
            case CANE -> "the cane in the " + side(false) + " hand";
            case NONE -> "";
        };
        return first && !said.isEmpty() ? said.substring(0, 1).toUpperCase(Locale.ROOT) + said.substring(1) : said;
    }

    private String side(boolean operated) {
        Side side = operated ? walk.operated() : walk.operated().other();
        return (operated ? "operated " : "") + side.name().toLowerCase(Locale.ROOT);
    }

    public static String say(Aid aid) {
        return switch (aid) {
            case WALKER -> "frame";
            case TWO_CRUTCHES -> "two crutches";
            case ONE_CRUTCH -> "one crutch";
            case CANE -> "cane";
            case NONE -> "nothing";
        };
    }

    public static String say(Pattern pattern) {
        return switch (pattern) {
            case THREE_POINT_TO -> "three-point, step to";
            case THREE_POINT_THROUGH -> "three-point, step through";
            case TWO_POINT -> "two-point";
        };
    }

    public static String say(Way way) {
        return switch (way) {
            case LEVEL -> "on the level";
            case STAIRS_UP -> "stairs up";
            case STAIRS_DOWN -> "stairs down";
            case TURN -> "turning round";
        };
    }

    public static String say(Fault fault) {
        return switch (fault) {
            case CROSSING -> "The operated foot crosses the middle.";
            case PIVOTING -> "The body twists on the operated foot.";
            case TURNED_IN -> "The operated toes turn in.";
            case LEFT_BEHIND -> "The operated leg is left behind, toes out.";
        };
    }
}
