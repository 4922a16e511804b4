package waypost.core.prescription;

import java.util.List;

/** What a weekday of a block is for. */
public enum DayKind {
    STRENGTH,
    /** One of two kinds of strength days that take turns. */
    STRENGTH_A,
    STRENGTH_B,
    /** Range, light work and a walk. */
    OFF,
    CONDITIONING;

    /** Whether what is meant for days of another kind is done on a day of this one: any strength day is one. */
    public boolean isOf(DayKind meant) {
        return this == meant || meant == STRENGTH && (this == STRENGTH_A || this == STRENGTH_B);
    }

    /** Whether strength is worked on it. */
    public boolean isStrength() {
        return isOf(STRENGTH);
    }

    /**
     * A usual week from Monday on: strength on three days that are not neighbours, conditioning between where it is planned
     * (common practice, no source).
     */
    public static List<DayKind> usualWeek(boolean withConditioning) {
        DayKind between = withConditioning ? CONDITIONING : OFF;
        return List.of(STRENGTH, between, STRENGTH, between, STRENGTH, OFF, OFF);
    }
}
