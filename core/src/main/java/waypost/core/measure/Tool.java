package waypost.core.measure;

/** What a reading was taken with. */
public enum Tool {
    GONIOMETER,
    INCLINOMETER,
    BY_EYE,
    TAPE,
    DYNAMOMETER,
    FIXED_DYNAMOMETER,
    FORCE_PLATE,
    SCALE,
    STOPWATCH
}
