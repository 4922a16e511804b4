package waypost.core.anatomy;

/** A side of the body, told from the surgery. */
public enum Half {
    OPERATED,
    OTHER;

    /** Which way along the y axis is away from the middle. */
    double outward() {
        return this == OPERATED ? 1 : -1;
    }

    public Half opposite() {
        return this == OPERATED ? OTHER : OPERATED;
    }
}
