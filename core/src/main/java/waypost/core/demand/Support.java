package waypost.core.demand;

/** What the body stands on while the operated limb carries weight. */
public enum Support {
    BOTH_LEGS,
    ONE_LEG
}
