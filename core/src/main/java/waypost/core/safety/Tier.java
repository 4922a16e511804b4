package waypost.core.safety;

/** How far a red flag goes, the gravest first. */
public enum Tier {
    /** Emergency services now; no exercise. */
    EMERGENCY,
    /** The surgeon's team today; no exercise. */
    SAME_DAY,
    /** Stop the exercise that brings it on, and go back a level. */
    STEP_BACK,
    /** No progress until the therapist has looked. */
    HOLD_PROGRESS;

    /** Whether treatment stops for the day, until a clinician clears it by name and with a reason. */
    public boolean stopsTreatment() {
        return this == EMERGENCY || this == SAME_DAY;
    }
}
