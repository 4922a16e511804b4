package waypost.core.transfer;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.course.Standing;
import waypost.core.runner.CourseWalk;
import waypost.core.runner.WeightLimit;

/** What of a course decides how somebody is moved today. */
public enum Circumstance {
    /** The hip may bend no further than to a ceiling. */
    HIP_BEND_LIMITED,
    /** The leg may not turn in or cross. */
    NEVER_TURNED_IN,
    /** The leg takes nothing. */
    NO_WEIGHT,
    /** The leg takes a part. */
    PART_WEIGHT;

    private static final int FULL = 100;

    /** Those of a day. A course of which the approach is not known is under the rules of all. */
    public static Set<Circumstance> of(Standing standing) {
        Set<Circumstance> today = EnumSet.noneOf(Circumstance.class);
        if (hipCeiling(standing).isPresent()) {
            today.add(HIP_BEND_LIMITED);
        }
        if (CourseWalk.barsTurningIn(standing)) {
            today.add(NEVER_TURNED_IN);
        }
        double percent = WeightLimit.of(standing).most().percent();
        if (percent == 0) {
            today.add(NO_WEIGHT);
        } else if (percent < FULL) {
            today.add(PART_WEIGHT);
        }
        return today;
    }

    /** How far the hip may bend today at most, where something limits it. */
    public static Optional<Degrees> hipCeiling(Standing standing) {
        return Optional.of(CourseWalk.bounds(standing).hip().most())
                .filter(most -> most.compareTo(Motion.HIP_FLEXION.possible().most()) < 0);
    }
}
