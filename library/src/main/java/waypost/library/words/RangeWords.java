package waypost.library.words;

import waypost.core.body.Mode;
import waypost.core.followup.StrictRange.Asked;
import waypost.core.followup.StrictRange.Compensation;
import waypost.core.followup.StrictRange.Posture;
import waypost.core.followup.StrictTaken.Objection;
import waypost.core.measure.Plain;

/** Says how a range is taken posture by posture, what helped, and why a value is not kept. */
public final class RangeWords {

    private RangeWords() {}

    /** What patient and therapist do. */
    public static String cue(Posture posture) {
        return switch (posture) {
            case BOTH_ARMS_ON_A_WALL ->
                "Back, head and both arms against the wall, heels a hand away. Both arms go up together and stay on the wall. The first thing that lifts off ends it, for both.";
            case ARM_AT_THE_SIDE ->
                "Upper arm against a folded towel at the side, elbow bent to a right angle. The forearm turns, the trunk does not.";
            case ARM_AT_45 ->
                "Lying on the back, upper arm half-way out and supported, elbow bent to a right angle. One hand on the front of the shoulder feels it roll.";
            case ARM_AT_90 ->
                "Lying on the back, upper arm straight out on the couch, elbow bent to a right angle. One hand on the front of the shoulder feels it roll.";
            case HAND_BEHIND_THE_BACK ->
                "Standing upright. The thumb climbs along the spine; count how many vertebrae it stays below the other thumb.";
        };
    }

    public static String say(Posture posture) {
        return switch (posture) {
            case BOTH_ARMS_ON_A_WALL -> "both arms on a wall";
            case ARM_AT_THE_SIDE -> "arm at the side";
            case ARM_AT_45 -> "arm out at 45°";
            case ARM_AT_90 -> "arm out at 90°";
            case HAND_BEHIND_THE_BACK -> "hand behind the back";
        };
    }

    public static String say(Compensation by) {
        return switch (by) {
            case BLADE_LIFTS -> "the shoulder blade lifts";
            case BLADE_WINGS -> "the shoulder blade wings";
            case BACK_ARCHES -> "the back arches";
            case TRUNK_LEANS -> "the trunk leans";
            case TRUNK_TURNS -> "the trunk turns";
            case ELBOW_LEAVES_ITS_PLACE -> "the elbow leaves its place";
            case WRIST_BENDS -> "the wrist bends";
        };
    }

    /** How far in a mode: "moved: no further than 90°", "by itself: not today". */
    public static String reach(Asked asked, Mode mode) {
        String by = mode == Mode.PASSIVE ? "moved" : "by itself";
        return asked.by(mode)
                .map(reach -> asked.isInCounts() || reach.degrees().isEmpty()
                        ? by + ": as far as it goes"
                        : by + ": no further than "
                                + Plain.number(reach.degrees().getAsDouble()) + "°")
                .orElse(by + ": not today, no exercise that is open moves it so");
    }

    public static String say(Objection objection) {
        if (objection instanceof Objection.NotOpen closed) {
            return (closed.mode() == Mode.PASSIVE ? "Moved" : "By itself")
                    + ": not measured today. No exercise that is open moves the arm so; leave it empty.";
        }
        if (objection instanceof Objection.TooFar far) {
            return "Found " + Plain.number(far.found()) + "°, today no further than " + Plain.number(far.most())
                    + "°. If it went that far, write it into the note as an event and tell the surgeon.";
        }
        if (objection instanceof Objection.NoValue no) {
            return "Found " + Plain.number(no.found()) + ", allowed: " + Plain.number(no.least()) + " to "
                    + Plain.number(no.most()) + ".";
        }
        if (objection instanceof Objection.FurtherThan further) {
            return "Found " + further.what() + " " + Plain.number(further.found()) + ", further than " + further.than()
                    + " " + Plain.number(further.most()) + ". Measure both again.";
        }
        if (objection instanceof Objection.HelpUnnamed) {
            return "Without help it goes less far: tick what helped.";
        }
        return objection instanceof Objection.HelpForNothing
                ? "Something is ticked that helped, and without help it goes just as far. Take the tick away, or measure without help again."
                : "Found no value: measure at least one of the three.";
    }
}
