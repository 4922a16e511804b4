package waypost.core.body;

/** A limb that may carry, hold or push. */
public enum Limb {
    ARM,
    LEG
}
