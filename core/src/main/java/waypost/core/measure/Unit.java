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

    /** What is written behind the number. */
    public String suffix() {
        return suffix;
    }
}
