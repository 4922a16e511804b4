package waypost.core.body;

/** A side of the body. There is no "unknown": a course without its side is not begun. */
public enum Side {
    LEFT,
    RIGHT;

    public Side other() {
        return this == LEFT ? RIGHT : LEFT;
    }
}
