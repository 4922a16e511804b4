package waypost.app.entry;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.core.exercise.RoleKey;

/** Reads what was typed into a field, or refuses it with what was found and what is allowed. */
public final class Entered {

    private static final int EARLIEST_YEAR = 1900;
    private static final int LATEST_YEAR = 2199;

    private Entered() {}

    /** What was typed; nothing where the field was not sent. */
    public static String text(@Nullable String typed) {
        return typed == null ? "" : typed;
    }

    public static LocalDate date(String field, String text) {
        try {
            LocalDate date = LocalDate.parse(text.strip());
            if (date.getYear() < EARLIEST_YEAR || date.getYear() > LATEST_YEAR) {
                throw new FormProblem(
                        field,
                        "Found '" + text.strip() + "', allowed: a date of the years " + EARLIEST_YEAR + " to "
                                + LATEST_YEAR + ".");
            }
            return date;
        } catch (DateTimeException unreadable) {
            throw new FormProblem(field, "Found '" + text.strip() + "', allowed: a date such as 2031-02-10.");
        }
    }

    public static LocalTime time(String field, String text) {
        try {
            return LocalTime.parse(text.strip());
        } catch (DateTimeException unreadable) {
            throw new FormProblem(field, "Found '" + text.strip() + "', allowed: a time such as 09:30.");
        }
    }

    /** The id that a form carries, so that sending it twice writes once. */
    public static UUID id(String field, String text) {
        try {
            return UUID.fromString(text.strip());
        } catch (IllegalArgumentException unreadable) {
            throw new FormProblem(field, "This form is damaged. Open the page again; what you typed is still here.");
        }
    }

    /** A role of an exercise, activity/role. */
    public static RoleKey role(@Nullable String typed, String otherwise) {
        try {
            return RoleKey.of(text(typed));
        } catch (IllegalArgumentException unreadable) {
            throw new FormProblem("role", otherwise);
        }
    }

    /** A whole number from 0 on; blank is not asked. */
    public static Optional<Integer> whole(String field, String text, int most) {
        String typed = text.strip();
        if (typed.isEmpty()) {
            return Optional.empty();
        }
        if (!typed.matches("\\d{1,9}") || Integer.parseInt(typed) > most) {
            throw new FormProblem(field, "Found '" + typed + "', allowed: a whole number from 0 to " + most + ".");
        }
        return Optional.of(Integer.valueOf(typed));
    }

    /** A number with a point or a comma; empty for blank and for what is no finite number. */
    public static OptionalDouble decimal(String text) {
        try {
            double number = Double.parseDouble(text.strip().replace(',', '.'));
            return Double.isFinite(number) ? OptionalDouble.of(number) : OptionalDouble.empty();
        } catch (NumberFormatException unreadable) {
            return OptionalDouble.empty();
        }
    }

    /** Words without blanks around them; nothing where the field was not sent. */
    public static String words(String field, @Nullable String typed, int most) {
        String words = text(typed).strip();
        if (words.length() > most) {
            throw new FormProblem(field, "Found " + words.length() + " characters, allowed: up to " + most + ".");
        }
        return words;
    }

    public static <E extends Enum<E>> E choice(Class<E> type, String field, String text) {
        for (E constant : type.getEnumConstants()) {
            if (constant.name().equalsIgnoreCase(text.strip())) {
                return constant;
            }
        }
        throw new FormProblem(field, "Found '" + text.strip() + "', allowed: one of the choices shown.");
    }
}
