package waypost.core.measure;

/** How a value of a measure comes about. */
public enum Method {
    /** An angle read off the limb. */
    ANGLE,
    /** Several pushes against a dynamometer, times the lever arm. */
    FORCE,
    /** Several squeezes of a grip or pinch meter. */
    GRIP,
    /** A time taken by stopwatch. */
    STOPWATCH,
    /** Repetitions counted. */
    COUNTER,
    /** The best of several distances. */
    DISTANCE,
    /** Three reaches in three directions, against the length of the leg. */
    REACHES,
    /** A grade out of a few. */
    GRADE,
    /** Seen as described, or not. */
    SEEN,
    /** A rating from 0 to 10. */
    RATING,
    /** Answers by number, scored. */
    QUESTIONNAIRE,
    /** A length by tape or block. */
    TAPE,
    /** Worked out from other readings. */
    DERIVED,
    /** A plain number. */
    NUMBER;

    /** What is usual for a unit. */
    public static Method usualFor(Unit unit) {
        return switch (unit) {
            case DEGREES -> ANGLE;
            case NEWTON_METRES -> FORCE;
            case KILOGRAMS -> GRIP;
            case METRES -> DISTANCE;
            case CENTIMETRES -> TAPE;
            case SECONDS -> STOPWATCH;
            case COUNT -> COUNTER;
            case MUSCLE_GRADE, EFFUSION_GRADE -> GRADE;
            case SEEN -> SEEN;
            case PERCENT, SCORE -> NUMBER;
        };
    }
}
