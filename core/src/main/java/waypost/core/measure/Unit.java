package waypost.core.measure;

/** A unit in which a reading is kept. */
public enum Unit {
    DEGREES("°"),
    NEWTON_METRES(" N·m"),
    KILOGRAMS(" kg"),
    METRES(" m"),
    CENTIMETRES(" cm"),
    SECONDS(" s"),
    PERCENT(" %"),
    SCORE(""),
    COUNT(""),
    /** Manual muscle grade 0 to 5; a plus or minus is a third. */
    MUSCLE_GRADE(""),
    /** Knee effusion by stroke test: 0 zero, 1 trace, 2 for 1+, 3 for 2+, 4 for 3+ (Sturgill et al. 2009, from memory). */
    EFFUSION_GRADE(""),
    /** 1 seen as described, 0 not. */
    SEEN("");

    private final String suffix;

    Unit(String suffix) {
        this.suffix = suffix;
    }

    /** Whether twice the number is twice as much: a length, a time, a force. */
    public boolean isRatioScale() {
        return switch (this) {
            case NEWTON_METRES, KILOGRAMS, METRES, CENTIMETRES, SECONDS -> true;
            case DEGREES, PERCENT, SCORE, COUNT, MUSCLE_GRADE, EFFUSION_GRADE, SEEN -> false;
        };
    }

    /** Whether the distance between two values means something: between grades it does not. */
    public boolean hasDistances() {
        return this != MUSCLE_GRADE && this != EFFUSION_GRADE && this != SEEN;
    }

    /** What is written behind the number. */
    public String suffix() {
        return suffix;
    }
}
