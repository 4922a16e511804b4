package waypost.core.body;

/** Who moves the joint. Modes are no ladder: in some repairs the passive motion is the treatment. */
public enum Mode {
    PASSIVE,
    ASSISTED,
    ACTIVE,
    RESISTED
}
