package waypost.core.demand;

/** What a strain on the whole limb is made of. */
public enum StrainKind {
    IMPACT,
    TWISTING,
    BALANCE,
    SPEED
}
