package waypost.core.demand;

/** How hard the end of the range is pressed. */
public enum EndRange {
    SHORT_OF_IT,
    FIRST_RESISTANCE,
    STRETCH,
    OVERPRESSURE
}
