package waypost.core.demand;

/** How far from the joint the load acts: limb bent or stretched out. */
public enum LeverLength {
    SHORT,
    LONG
}
