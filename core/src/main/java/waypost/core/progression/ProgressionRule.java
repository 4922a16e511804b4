package waypost.core.progression;

import waypost.core.prescription.GoesOnBy;

/** A named rule by which a dose moves; it reads only what was done. */
@FunctionalInterface
public interface ProgressionRule {

    Step next(Task task);

    /** The rule of this name with its number. */
    static ProgressionRule named(GoesOnBy by) {
        int number = by.number();
        return switch (by.rule()) {
            case DOUBLE_PROGRESSION -> new DoubleProgression(number);
            case COMPLETION -> new Completion();
            case HOLD_LADDER -> new HoldLadder(number);
            case BAND_LADDER -> new BandLadder(number);
            case SORENESS_RULES -> new SorenessRules(number);
            case MINUTES_UNTIL_EQUAL -> new MinutesUntilEqual(number);
            case STAGES -> new Stages(number);
            case VOLUME_BEFORE_INTENSITY -> new VolumeBeforeIntensity(number);
            case CONTACTS -> new ContactsByWeek(number);
            case AS_WRITTEN -> new AsWritten();
        };
    }
}
