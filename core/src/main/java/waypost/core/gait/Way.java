package waypost.core.gait;

/** Where it is walked. */
public enum Way {
    LEVEL,
    STAIRS_UP,
    STAIRS_DOWN,
    TURN;

    boolean isStairs() {
        return this == STAIRS_UP || this == STAIRS_DOWN;
    }

    /** A frame with four legs stays off the stairs. */
    public boolean goesWith(Aid aid) {
        return !isStairs() || aid != Aid.WALKER;
    }
}
