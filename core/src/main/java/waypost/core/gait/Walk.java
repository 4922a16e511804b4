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
 */
public record Walk(Side operated, Aid aid, Pattern pattern, Way way, Turning turning, BodyShare most, BodyShare alone) {

    private static final double NEARLY_FULL_PERCENT = 75;
    private static final double HALF_PERCENT = 50;
    private static final int FULL = 100;

    /** Where the leg may carry as much alone. */
    public Walk(Side operated, Aid aid, Pattern pattern, Way way, Turning turning, BodyShare most) {
        this(operated, aid, pattern, way, turning, most, most);
    }

    /** The aids on which the leg can be walked. */
    public static List<Aid> aids(BodyShare most, BodyShare alone) {
        return Arrays.stream(Aid.values())
                .filter(aid -> aid.isEnoughFor(most, alone))
                .toList();
    }

    /** The patterns in which it can be walked with an aid; none without one. */
    public static List<Pattern> patterns(Aid aid, BodyShare most) {
        return Arrays.stream(Pattern.values())
                .filter(pattern -> pattern.goesWith(aid, most))
                .toList();
    }

    /** The steadiest: a frame while little is carried, then two crutches, then what one hand holds, then nothing. */
    public static Walk usual(Side operated, BodyShare most, BodyShare alone, Turning turning) {
        Aid aid = Aid.NONE;
        if (most.percent() < HALF_PERCENT) {
            aid = Aid.WALKER;
        } else if (most.percent() < NEARLY_FULL_PERCENT || alone.percent() < HALF_PERCENT) {
            aid = Aid.TWO_CRUTCHES;
        } else if (most.percent() < FULL || alone.percent() < FULL) {
            aid = Aid.CANE;
        }
        return new Walk(operated, aid, patterns(aid, most).get(0), Way.LEVEL, turning, most, alone);
    }

    /** This as the weight leaves it: another aid, pattern or way is taken where the one asked for does not go. */
    public Walk with(Optional<Aid> otherAid, Optional<Pattern> otherPattern, Optional<Way> otherWay) {
        Aid held = otherAid.filter(each -> each.isEnoughFor(most, alone)).orElse(aid);
        Way there = otherWay.filter(each -> each.goesWith(held)).orElse(Way.LEVEL);
        List<Pattern> possible = patterns(held, most);
        Pattern by = otherPattern.filter(possible::contains).orElseGet(() -> possible.get(0));
        return new Walk(operated, held, by, there, turning, most, alone);
    }

    /** Whether the operated leg takes nothing. */
    public boolean isOffTheFloor() {
        return most.percent() == 0;
    }

    /** Where everything stands before it. */
    public Stand begin() {
        return new Steps(this).begin();
    }

    /** What is done, in its order. */
    public List<Move> moves() {
        return new Steps(this).moves();
    }
}
