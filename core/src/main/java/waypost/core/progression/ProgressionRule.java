package waypost.core.progression;

import waypost.core.exercise.Progression;

/** A named rule by which a dose moves; it reads only what was done. */
@FunctionalInterface
public interface ProgressionRule {

    Step next(Task task);

    /** The rule of this name. */
    static ProgressionRule named(Progression name) {
        return switch (name) {
            case DOUBLE_PROGRESSION -> new DoubleProgression();
            case COMPLETION -> new Completion();
            case HOLD_LADDER -> new HoldLadder();
            case BAND_LADDER -> new BandLadder();
            case SORENESS_RULES -> new SorenessRules();
            case MINUTES_UNTIL_EQUAL -> new MinutesUntilEqual();
            case STAGES -> new Stages();
            case VOLUME_BEFORE_INTENSITY -> new VolumeBeforeIntensity();
            case CONTACTS -> new ContactsByWeek();
        };
    }
}
