package waypost.library.words;

import waypost.core.followup.StrengthProfile;
import waypost.core.followup.StrengthRatio;
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

    /** "60 % of inward strength, 75 to 100 % wanted: Outward strength is the weaker." */
    public static String say(StrengthRatio ratio) {
        return Math.round(ratio.percent()) + " % of " + ratio.asked().divisor().title() + ", "
                + Plain.number(ratio.asked().least()) + " to "
                + Plain.number(ratio.asked().most()) + " % wanted"
                + ratio.weaker()
                        .map(weaker -> ": " + weaker.title() + " is too weak for the other.")
                        .orElse(".");
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
