package waypost.library.words;

import waypost.core.measure.Plain;
import waypost.core.treatment.HandTreatment;
import waypost.core.treatment.Technique;

/** Names what hands do, and says what came of it. */
public final class TechniqueWords {

    private TechniqueWords() {}

    /** What it is called. */
    public static String name(Technique technique) {
        return switch (technique) {
            case CARRIED -> "carried, up to the first resistance";
            case GLIDE_1 -> "glide, grade I: small, where nothing resists";
            case GLIDE_2 -> "glide, grade II: large, where nothing resists";
            case GLIDE_3 -> "glide, grade III: large, into the resistance";
            case GLIDE_4 -> "glide, grade IV: small, into the resistance";
            case HELD_STRETCH -> "held stretch at the end";
            case TIGHTEN_AND_LET_GO -> "tighten lightly, let go, then further";
        };
    }

    /** "80° before, 88° after: 8° gained." */
    public static String gained(HandTreatment treatment) {
        String before = MilestoneWords.reading(treatment.range(), treatment.from()) + " before, "
                + MilestoneWords.reading(treatment.range(), treatment.to()) + " after: ";
        if (treatment.isGain()) {
            return before + Plain.number(treatment.gained()) + "° gained.";
        }
        return before
                + (treatment.gained() < 0 && -treatment.gained() >= treatment.errorDegrees()
                        ? Plain.number(-treatment.gained()) + "° lost."
                        : "no change that a goniometer can tell.");
    }

    /** "5 of 8° still there the next time." */
    public static String kept(HandTreatment treatment, double percent) {
        return Plain.number(Math.round(treatment.gained() * percent / 100)) + " of " + Plain.number(treatment.gained())
                + "° still there the next time.";
    }
}
