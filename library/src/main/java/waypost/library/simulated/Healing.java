package waypost.library.simulated;

import java.util.Locale;

/** How a made-up patient heals and behaves; Waypost is not told. */
public enum Healing {
    NORMAL,
    /** Range comes at less than half the pace. */
    STIFF,
    /** Every fifth session is answered by a flare. */
    FLARING,
    /** Does more than was asked, and pays for it. */
    OVER_EAGER,
    /** Leaves sets out, and most of the home work. */
    UNDER_DOING,
    /** Has a sign that must stop treatment, and says so only when asked. */
    SILENT_RED_FLAG;

    private static final double STIFF_PACE = 0.4;
    private static final double IDLE_PACE = 0.6;

    /** The pace of healing: of range, or of what work builds. */
    double pace(boolean range) {
        return switch (this) {
            case STIFF -> range ? STIFF_PACE : 1;
            case UNDER_DOING -> IDLE_PACE;
            default -> 1;
        };
    }

    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** The share of the home sessions that is done, in percent. */
    int homePercent() {
        return this == UNDER_DOING ? 25 : 100;
    }
}
