package waypost.core.demand;

/** What the joint works against: nothing, the limb's or body's own weight, or something added (band, weight, machine). */
public enum Loading {
    NONE,
    OWN_WEIGHT,
    ADDED;

    public boolean exceeds(Loading most) {
        return compareTo(most) > 0;
    }
}
