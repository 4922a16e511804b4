package waypost.core.limit;

/** A quantity without a bound between "nothing" and "free": it has no values. */
public enum AllOrNothing {}
