package waypost.core.exercise;

/** The named rule by which an exercise moves up and down. */
public enum Progression {
    /** Up when every set reaches the top of its range within the pain rule, two sessions running. */
    DOUBLE_PROGRESSION,
    /** Up when three sets are done within the range at acceptable pain. */
    COMPLETION,
    /** Up when the wanted seconds are held in every direction, not before two or three days on a level. */
    HOLD_LADDER,
    /** Up after one to two weeks on a colour, at the top of the range in good form. */
    BAND_LADDER,
    /** Up and down by when soreness comes and whether it goes. */
    SORENESS_RULES,
    /** A little more every day or two, until the milestone is met; then it stops. */
    MINUTES_UNTIL_EQUAL,
    /** Three clean repetitions open the next stage, within a session's cap. */
    STAGES,
    /** Minutes first; harder only when they were tolerated for a week. */
    VOLUME_BEFORE_INTENSITY,
    /** A weekly rise within a set share. */
    CONTACTS
}
