package waypost.library.words;

import java.util.Locale;
import java.util.stream.Collectors;
import waypost.core.movement.Fault;
import waypost.core.movement.Grade;
import waypost.core.movement.Observation;
import waypost.core.movement.Seen;
import waypost.core.movement.Watched;

/** Says what was watched and what was seen. */
public final class MovementWords {

    private MovementWords() {}

    /** What is watched. */
    public static String name(Watched movement) {
        return switch (movement) {
            case ARM_RAISE -> "Raising both arms";
            case SQUAT -> "Squat on both legs";
            case STEP_DOWN -> "Step-down, each leg";
            case GAIT -> "Walking, ten steps from behind and from the side";
        };
    }

    /** A fault, as something that is seen. */
    public static String name(Fault fault) {
        return switch (fault) {
            case BLADE_WINGS -> "shoulder blade wings off the ribs";
            case SHOULDER_HIKES -> "shoulder hikes to the ear";
            case ARM_DROPS_COMING_DOWN -> "arm drops on the way down";
            case LEANS_BACK -> "trunk leans back";
            case KNEE_FALLS_INWARD -> "knee falls inward";
            case PELVIS_DROPS -> "pelvis drops to the free side";
            case LEANS_OVER_THE_LEG -> "trunk leans over the leg";
            case WEIGHT_OFF_THE_LEG -> "weight taken off the leg";
            case HIPS_BACK_TO_SPARE_THE_KNEE -> "hips go back, the knee stays behind";
            case DROPS_THE_LAST_BIT -> "drops the last bit";
            case KNEE_STIFF -> "knee kept stiff";
            case HEEL_LIFTS -> "heel lifts";
            case NO_PUSH_OFF -> "no push from the toes";
            case SHORT_STEP_PAST_THE_LEG -> "short step past the leg";
            case FOOT_SLAPS -> "foot slaps down";
        };
    }

    /** How plain. */
    public static String name(Grade grade) {
        return grade.name().toLowerCase(Locale.ROOT);
    }

    /** "Step-down, each leg: pelvis drops to the free side, plain (other side none). Pain 3 of 10, from 40°." */
    public static String say(Observation observation) {
        String faults = observation.isClean()
                ? "clean"
                : observation.faults().stream().map(MovementWords::say).collect(Collectors.joining("; "));
        String pain = observation.painMost() == 0
                ? ""
                : " Pain " + observation.painMost() + " of 10"
                        + (observation.painFrom().isPresent()
                                ? ", from " + observation.painFrom().getAsInt() + "°."
                                : ".");
        return name(observation.movement()) + ": " + faults + "." + pain;
    }

    private static String say(Seen seen) {
        return name(seen.fault()) + ", " + name(seen.operated()) + " (other side "
                + (seen.isOfTheOperatedSide() ? name(seen.other()) : "no less, " + name(seen.other())) + ")";
    }
}
