package waypost.library.paper;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A day as somebody says it, taken out of a sentence: "from Monday", "today", "tomorrow".
 *
 * @param rest the sentence without it
 * @param day empty where none was said, or where it may be one of two
 * @param doubtful whether the day that is named is today's own: this one or the next
 */
record SaidDay(String rest, Optional<LocalDate> day, boolean doubtful) {

    private static final String WEEKDAYS = Arrays.stream(DayOfWeek.values())
            .map(day -> day.name().toLowerCase(Locale.ROOT))
            .collect(Collectors.joining("|"));
    private static final Pattern SAID = Pattern.compile(
            "\\b(?:(?:starting|beginning|as of|from|on) )?(today|now|tomorrow|" + WEEKDAYS + ")(?: on)?\\b");

    static SaidDay in(String clause, LocalDate today) {
        String lower = clause.strip().toLowerCase(Locale.ROOT);
        Matcher said = SAID.matcher(lower);
        if (!said.find()) {
            return new SaidDay(clause.strip(), Optional.empty(), false);
        }
        String rest = (lower.substring(0, said.start()) + lower.substring(said.end()))
                .replaceAll("\\s+", " ")
                .strip();
        return switch (said.group(1)) {
            case "today", "now" -> new SaidDay(rest, Optional.of(today), false);
            case "tomorrow" -> new SaidDay(rest, Optional.of(today.plusDays(1)), false);
            default -> weekday(rest, DayOfWeek.valueOf(said.group(1).toUpperCase(Locale.ROOT)), today);
        };
    }

    private static SaidDay weekday(String rest, DayOfWeek day, LocalDate today) {
        return today.getDayOfWeek() == day
                ? new SaidDay(rest, Optional.empty(), true)
                : new SaidDay(rest, Optional.of(today.with(TemporalAdjusters.next(day))), false);
    }
}
