package waypost.core.exercise;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The named rule by which an exercise moves up and down, with the number in it that may be set (ranges: common practice,
 * no source).
 */
public enum Progression {
    /** Up when every set reaches the top of its range within the pain rule, so many sessions running. */
    DOUBLE_PROGRESSION(new RuleNumber("sessions running", 2, 1, 5)),
    /** Up when all sets are done within the range at acceptable pain. */
    COMPLETION(null),
    /** Up when the wanted seconds are held in every direction, not before two or three days on a level. */
    HOLD_LADDER(new RuleNumber("days on a level", 2, 2, 14)),
    /** Up after one to two weeks on a colour, at the top of the range in good form. */
    BAND_LADDER(new RuleNumber("days on a colour", 7, 7, 28)),
    /** Up and down by when soreness comes and whether it goes. */
    SORENESS_RULES(new RuleNumber("days on a level", 7, 7, 28)),
    /** A little more every day or two, until the milestone is met; then it stops. */
    MINUTES_UNTIL_EQUAL(new RuleNumber("days on a level", 2, 1, 14)),
    /** Three clean repetitions open the next stage, within a session's cap. */
    STAGES(new RuleNumber("clean repetitions", 3, 3, 9)),
    /** Minutes first; harder only when they were tolerated for a week. */
    VOLUME_BEFORE_INTENSITY(new RuleNumber("sessions running", 2, 2, 7)),
    /** A weekly rise within a set share. */
    CONTACTS(new RuleNumber("percent more a week", 10, 1, 10)),
    /** Stays as it was prescribed until somebody changes it; less only for pain or lost form. */
    AS_WRITTEN(null);

    private final @Nullable RuleNumber number;

    Progression(@Nullable RuleNumber number) {
        this.number = number;
    }

    /** The number that may be set; empty where there is none. */
    public Optional<RuleNumber> number() {
        return Optional.ofNullable(number);
    }

    /** The number where nobody sets it; 0 where the rule has none. */
    public int usual() {
        return number().map(RuleNumber::usual).orElse(0);
    }
}
