package waypost.core.demand;

/** What the body rests on while the operated limb carries weight, from the easiest: its own kind on both sides or one. */
public enum Support {
    ASSISTED,
    BOTH,
    ONE
}
