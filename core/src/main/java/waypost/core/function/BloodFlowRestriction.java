package waypost.core.function;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What a cuff is set to (position stand, Patterson et al. 2019, from memory): 40 to 80 % of the measured occlusion
 * pressure, 20 to 40 % of the one-repetition maximum, 30-15-15-15 repetitions with 30 to 60 s between.
 *
 * @param pressureLeast in mmHg
 * @param pressureMost in mmHg
 * @param loadLeast in the maximum's own unit
 * @param loadMost in the maximum's own unit
 */
public record BloodFlowRestriction(double pressureLeast, double pressureMost, double loadLeast, double loadMost) {

    /** The repetitions of the four sets. */
    public static final List<Integer> REPETITIONS = List.of(30, 15, 15, 15);

    /** Asked before every use; any of them, or one not answered, and no cuff is put on. */
    public enum Caution {
        CLOTS,
        POOR_CIRCULATION,
        UNCONTROLLED_BLOOD_PRESSURE,
        PREGNANCY,
        OPEN_WOUND,
        INFECTION_UNDER_CUFF,
        SICKLE_CELL,
        LYMPH_NODES_REMOVED,
        UNTRAINED_STAFF
    }

    /**
     * What to set, when every caution was asked and none applies.
     *
     * @param deniedCautions those that were asked and do not apply
     * @param occlusionPressure as measured on this limb with this cuff, in mmHg, 50 to 300
     * @param repetitionMaximum above 0 to 500, in any unit
     */
    public static BloodFlowRestriction of(
            Set<Caution> deniedCautions, double occlusionPressure, double repetitionMaximum) {
        requireAllDenied(deniedCautions);
        if (!(occlusionPressure >= 50 && occlusionPressure <= 300)
                || !(repetitionMaximum > 0 && repetitionMaximum <= 500)) {
            throw new IllegalArgumentException("cuff: found an occlusion pressure of " + occlusionPressure
                    + " mmHg and a maximum of " + repetitionMaximum
                    + ", allowed: 50 to 300 mmHg as measured, and a maximum above 0 to 500");
        }
        return new BloodFlowRestriction(
                0.4 * occlusionPressure, 0.8 * occlusionPressure, 0.2 * repetitionMaximum, 0.4 * repetitionMaximum);
    }

    /** Refuses to go on while any caution is left. */
    public static void requireAllDenied(Set<Caution> deniedCautions) {
        EnumSet<Caution> left = EnumSet.allOf(Caution.class);
        left.removeAll(deniedCautions);
        if (!left.isEmpty()) {
            throw new IllegalArgumentException("cuff: found " + left.size()
                    + " questions answered yes or not at all, allowed: every one asked and answered no");
        }
    }
}
