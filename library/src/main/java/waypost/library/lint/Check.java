package waypost.library.lint;

import java.util.Locale;

/** What lint looks for. */
public enum Check {
    PHASE_ORDER,
    OPEN_WHILE_BARRED,
    NEEDS_UNSAFE_TEST,
    NO_END,
    NO_PAIN_RULE,
    NEED_LAPSES,
    EVENT_RESTARTS_NOTHING,
    PART_SILENT,
    RULE_COPIED,
    CHANGES_NOTHING,
    NEVER_OPENS,
    NOT_MEASURED,
    NO_OPENING,
    BARE_FIRST_WEEK,
    NO_RISE,
    NOTHING_FOR_UNKNOWN,
    DEFAULT_NOT_STRICTEST,
    DUTY_AGAINST_LIMIT,
    EQUAL_DEMANDS,
    WORDS_TWICE,
    PASSING_UNSAID,
    PRESSED_UNSAID,
    NOT_TOLD_PLAINLY;

    /** As it is printed: "open-while-barred". */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
