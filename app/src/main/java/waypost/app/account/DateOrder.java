package waypost.app.account;

import java.util.Locale;

/** The order in which a clinic writes a date in figures. What is sent and kept is in the order of ISO 8601 always. */
public enum DateOrder {
    DAY_FIRST("day.month.year, as in 28.2.2031"),
    MONTH_FIRST("month/day/year, as in 2/28/2031"),
    YEAR_FIRST("year-month-day, as in 2031-02-28");

    private final String words;

    DateOrder(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** As the page's script reads it, such as {@code day-first}. */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
