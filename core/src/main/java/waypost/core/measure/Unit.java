package waypost.core.measure;

/** A unit in which a reading is kept. */
public enum Unit {
    DEGREES("°"),
    NEWTON_METRES(" N·m"),
    CENTIMETRES(" cm"),
    SECONDS(" s"),
    PERCENT(" %"),
    SCORE(""),
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
