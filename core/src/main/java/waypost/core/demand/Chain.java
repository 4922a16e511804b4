package waypost.core.demand;

/** Whether the far end of the limb is free (open) or fixed to ground, wall or pedal (closed). */
public enum Chain {
    OPEN,
    CLOSED
}
