package waypost.core.gait;

import java.util.List;
import waypost.core.demand.BodyShare;

/**
 * What is held while walking.
 *
 * <p>With one hand no more than about a quarter of the body's weight is taken off the leg, so that one crutch or a cane is none
 * for a leg that may carry less than three quarters, or that may not stand alone with half of it (common practice, no source).
 */
public enum Aid {
    WALKER("walking frame", 0, 0),
    TWO_CRUTCHES("crutches", 0, 0),
    /** Held like a cane. */
    ONE_CRUTCH("cane", 75, 50),
    CANE("cane", 75, 50),
    NONE("", 100, 100);

    private final String equipment;
    private final double leastPercent;
    private final double leastAlonePercent;

    Aid(String equipment, double leastPercent, double leastAlonePercent) {
        this.equipment = equipment;
        this.leastPercent = leastPercent;
        this.leastAlonePercent = leastAlonePercent;
    }

    /** Whether it is held in both hands, so that a leg can be left off the floor. */
    public boolean isInBothHands() {
        return this == WALKER || this == TWO_CRUTCHES;
    }

    /** Whether an exercise with this equipment is walking with it. */
    public boolean isUsedWith(List<String> held) {
        return equipment.isEmpty() ? held.isEmpty() : held.contains(equipment);
    }

    /**
     * Whether a leg can be walked on with it.
     *
     * @param most what it may carry
     * @param alone what it may carry when nothing else stands
     */
    public boolean isEnoughFor(BodyShare most, BodyShare alone) {
        return most.percent() >= leastPercent && alone.percent() >= leastAlonePercent;
    }
}
