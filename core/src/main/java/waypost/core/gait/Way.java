package waypost.core.gait;

/** Where it is walked. */
public enum Way {
    LEVEL,
    STAIRS_UP,
    STAIRS_DOWN,
    TURN;

    /** A frame with four legs stays off the stairs. */
    public boolean goesWith(Aid aid) {
        return this == LEVEL || this == TURN || aid != Aid.WALKER;
    }
}
