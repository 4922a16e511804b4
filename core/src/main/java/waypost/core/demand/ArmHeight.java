package waypost.core.demand;

/** How high the hand works. */
public enum ArmHeight {
    BELOW_SHOULDER,
    AT_SHOULDER,
    ABOVE_SHOULDER
}
