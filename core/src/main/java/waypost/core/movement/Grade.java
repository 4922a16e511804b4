package waypost.core.movement;

/** How plain a fault is: not there, seen by who looks for it, seen by anybody. */
public enum Grade {
    NONE,
    SLIGHT,
    PLAIN
}
