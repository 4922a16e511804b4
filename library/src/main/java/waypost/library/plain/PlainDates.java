package waypost.library.plain;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Optional;
import waypost.core.time.CourseDay;

/**
 * Says days of a course by their date, with the weekday in words: "Tuesday 6 May".
 *
 * @param dayZero the day from which the course counts
 */
public record PlainDates(PlainText words, LocalDate dayZero) {

    public String say(CourseDay day) {
        return say(day.dateFrom(dayZero));
    }

    public String say(LocalDate date) {
        return DateTimeFormatter.ofPattern(words.say("date"), words.locale()).format(date);
    }

    /** How long something holds; a rule that is meant for good says so. */
    String until(Optional<CourseDay> until, boolean forGood) {
        return until.map(day -> words.say("until", say(day)))
                .orElseGet(() -> words.say(forGood ? "until.never" : "until.open"));
    }
}
