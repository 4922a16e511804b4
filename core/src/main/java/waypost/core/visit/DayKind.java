package waypost.core.visit;

import java.util.List;

/** What a weekday of a block is for. */
public enum DayKind {
    STRENGTH,
    /** Range, light work and a walk. */
    OFF,
    CONDITIONING;

    /**
     * A usual week from Monday on: strength on three days that are not neighbours, conditioning between where it is planned
     * (common practice, no source).
     */
    public static List<DayKind> usualWeek(boolean withConditioning) {
        DayKind between = withConditioning ? CONDITIONING : OFF;
        return List.of(STRENGTH, between, STRENGTH, between, STRENGTH, OFF, OFF);
    }
}
