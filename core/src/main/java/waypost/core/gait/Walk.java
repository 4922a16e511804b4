package waypost.core.gait;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import waypost.core.body.Side;
import waypost.core.demand.BodyShare;

/**
 * A walk as it is asked for.
 *
 * @param most what the operated leg may carry
 * @param alone what it may carry when nothing else stands
 * @param turning how its owner turns round
 * @param bounds how far the operated leg may bend and be left behind
 */
public record Walk(
        Side operated,
        Aid aid,
        Pattern pattern,
        Way way,
        Turning turning,
        BodyShare most,
        BodyShare alone,
        LegBounds bounds) {

    private static final double NEARLY_FULL_PERCENT = 75;
    private static final double HALF_PERCENT = 50;
    private static final int FULL = 100;
    /** As far as a straight leg lifted by four centimetres is out of the vertical. */
    private static final double HELD_AHEAD = 0.26;

    /** Where the leg may carry as much alone. */
    public Walk(Side operated, Aid aid, Pattern pattern, Way way, Turning turning, BodyShare most) {
        this(operated, aid, pattern, way, turning, most, most, LegBounds.FREE);
    }

    /** The aids on which the leg can be walked. */
    public static List<Aid> aids(BodyShare most, BodyShare alone) {
        return Arrays.stream(Aid.values())
                .filter(aid -> aid.isEnoughFor(most, alone))
                .toList();
    }

    /** The patterns in which the leg can be walked with the aid. */
    public List<Pattern> patterns() {
        return patterns(aid, most, bounds);
    }

    private static List<Pattern> patterns(Aid aid, BodyShare most, LegBounds bounds) {
        return Arrays.stream(Pattern.values())
                .filter(pattern -> pattern.goesWith(aid, most, bounds))
                .toList();
    }

    /** Where it can be walked with the aid. */
    public List<Way> ways() {
        return Arrays.stream(Way.values()).filter(this::goesOn).toList();
    }

    /** A leg that is held out straight off the floor would come down into the next stair. */
    private boolean goesOn(Way where) {
        return where.goesWith(aid) && !(where.isStairs() && isHeldStraight());
    }

    /** The steadiest: a frame while little is carried, then two crutches, then what one hand holds, then nothing. */
    public static Walk usual(Side operated, BodyShare most, BodyShare alone, Turning turning, LegBounds bounds) {
        Aid aid = Aid.NONE;
        if (most.percent() < HALF_PERCENT) {
            aid = Aid.WALKER;
        } else if (most.percent() < NEARLY_FULL_PERCENT || alone.percent() < HALF_PERCENT) {
            aid = Aid.TWO_CRUTCHES;
        } else if (most.percent() < FULL || alone.percent() < FULL) {
            aid = Aid.CANE;
        }
        return new Walk(operated, aid, patterns(aid, most, bounds).get(0), Way.LEVEL, turning, most, alone, bounds);
    }

    /** This as the weight leaves it: another aid, pattern or way is taken where the one asked for does not go. */
    public Walk with(Optional<Aid> otherAid, Optional<Pattern> otherPattern, Optional<Way> otherWay) {
        Aid held = otherAid.filter(each -> each.isEnoughFor(most, alone)).orElse(aid);
        List<Pattern> possible = patterns(held, most, bounds);
        Pattern by = otherPattern.filter(possible::contains).orElseGet(() -> possible.get(0));
        Walk level = new Walk(operated, held, by, Way.LEVEL, turning, most, alone, bounds);
        return new Walk(
                operated, held, by, otherWay.filter(level::goesOn).orElse(Way.LEVEL), turning, most, alone, bounds);
    }

    /** How far ahead of the other foot the operated one is held while it takes nothing, in metres. */
    double heldAhead() {
        return isHeldStraight() ? HELD_AHEAD : 0;
    }

    /** Whether aid and operated leg go down a stair at once. */
    boolean stepsDownTogether() {
        return isOffTheFloor() || !bounds.hangs();
    }

    /** Whether the operated leg takes nothing and may not bend enough to hang. */
    public boolean isHeldStraight() {
        return bounds.isHeldStraight(most);
    }

    /** Whether the other foot goes past the operated one on the level. */
    public boolean goesPast() {
        return pattern != Pattern.THREE_POINT_TO && bounds.letsPass(most);
    }

    /** Whether the operated leg takes nothing. */
    public boolean isOffTheFloor() {
        return most.percent() == 0;
    }

    /** Where everything stands before it. */
    public Stand begin() {
        return new Steps(this).begin();
    }

    /** How the body stands in it, from the side. */
    public Profile profile(Stand stand) {
        return new Posing(this, stand).profile();
    }

    /** What is done, in its order. */
    public List<Move> moves() {
        return new Steps(this).moves();
    }
}
