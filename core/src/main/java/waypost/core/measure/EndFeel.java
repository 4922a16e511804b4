package waypost.core.measure;

/** What stops a passive movement, as the hand that moves feels it. */
public enum EndFeel {
    FIRM,
    HARD,
    SOFT,
    /** Nothing stops it but the patient's word. */
    EMPTY,
    SPASM
}
