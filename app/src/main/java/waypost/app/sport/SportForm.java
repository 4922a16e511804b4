package waypost.app.sport;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;

/** What was typed of a session of sport or of what is trained for, as it was typed. */
public record SportForm(
        @Nullable String sportId,
        @Nullable String on,
        @Nullable String minutes,
        @Nullable String effort,
        @Nullable String name,
        @Nullable String rise,
        @Nullable String load) {

    private static final int MOST_MINUTES = 600;
    private static final int MOST_EFFORT = 10;
    private static final int MOST_RISE = 20;
    private static final int MOST_LOAD = 20_000;
    private static final int NAME_MOST = 80;

    static SportForm blank() {
        return new SportForm("", "", "", "", "", "", "");
    }

    UUID readId() {
        return Entered.id("sportId", Entered.text(sportId));
    }

    /** The day of a session: not in the future and not before day 0. */
    LocalDate readDone(LocalDate dayZero, LocalDate today) {
        LocalDate day = Entered.date("on", Entered.text(on));
        if (day.isAfter(today) || day.isBefore(dayZero)) {
            throw new FormProblem(
                    "on", "Found " + day + ", allowed: from day 0, " + dayZero + ", to today, " + today + ".");
        }
        return day;
    }

    /** The day of an event, from today to two years ahead. */
    LocalDate readEvent(LocalDate today) {
        LocalDate day = Entered.date("on", Entered.text(on));
        if (day.isBefore(today) || day.isAfter(today.plusYears(2))) {
            throw new FormProblem("on", "Found " + day + ", allowed: from today to " + today.plusYears(2) + ".");
        }
        return day;
    }

    /** Minutes times effort. */
    int readSessionLoad() {
        return some("minutes", minutes, MOST_MINUTES) * some("effort", effort, MOST_EFFORT);
    }

    String readName() {
        String text = Entered.text(name).strip();
        if (text.isEmpty() || text.length() > NAME_MOST) {
            throw new FormProblem(
                    "name", "Found " + text.length() + " characters, allowed: a name of 1 to " + NAME_MOST + ".");
        }
        return text;
    }

    int readRise() {
        return some("rise", rise, MOST_RISE);
    }

    int readLoad() {
        return some("load", load, MOST_LOAD);
    }

    private static int some(String field, @Nullable String typed, int most) {
        return Entered.whole(field, Entered.text(typed), most)
                .filter(number -> number > 0)
                .orElseThrow(() -> new FormProblem(field, "Allowed: a whole number from 1 to " + most + "."));
    }
}
