package waypost.library.words;

import waypost.core.followup.StrengthProfile;
import waypost.core.measure.Plain;

/** Says how a strength stands. */
public final class StrengthWords {

    private StrengthWords() {}

    /** "94 of 150 N m, 63 % of the other side: weak." */
    public static String say(StrengthProfile.Line line) {
        return Plain.number(line.operated().amount().value()) + " of "
                + Plain.number(line.yardstick().amount().value())
                + line.measure().unit().suffix() + ", " + Math.round(line.percent()) + " % of " + against(line) + ": "
                + kind(line.kind()) + "."
                + (line.certain() ? "" : " The difference lies within what measuring errs by.");
    }

    private static String against(StrengthProfile.Line line) {
        return switch (line.against()) {
            case OTHER_SIDE -> "the other side";
            case OTHER_SIDE_BEFORE -> "the other side before surgery, which has lost since";
            case OWN_BEFORE -> "the same side before surgery";
        };
    }

    private static String kind(StrengthProfile.Kind kind) {
        return switch (kind) {
            case WEAK -> "weak";
            case BEHIND -> "behind";
            case EVEN -> "even";
        };
    }
}
