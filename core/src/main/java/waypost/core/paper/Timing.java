package waypost.core.paper;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import waypost.core.time.Moment;

/**
 * When a clause says that it holds.
 *
 * @param rest the clause without it
 * @param unit day, week or month
 * @param label whether it names a week instead of telling a length
 * @param first the number, or the lesser of two
 * @param last the greater of two; the same where there is one
 * @param condition what has to be there; blank without one
 */
record Timing(Kind kind, String rest, String unit, boolean label, int first, int last, String condition) {

    /** How the time stands to what is said. */
    enum Kind {
        NONE,
        /** A length, with nothing to tell whether it begins or ends there. */
        LENGTH,
        UNTIL,
        FROM,
        /** From one to another. */
        BETWEEN,
        AT_ONCE,
        UNTIL_WHEN,
        WHEN
    }

    /** No paper counts further than two years. */
    private static final int LONGEST_DAYS = 730;

    private static final String UNIT = "(day|week|month)s?";
    private static final String ONE_OR_TWO = "(\\d{1,3})(?: to (\\d{1,3}))?";
    private static final Pattern AT_ONCE =
            Pattern.compile("(?:start(?:ing)? )?(?:immediately|at once|right away|day 0)");

    private record Form(Kind kind, boolean label, List<Pattern> places) {

        /** At the end of a clause or at its beginning. */
        static Form of(Kind kind, boolean label, String time) {
            return new Form(
                    kind,
                    label,
                    List.of(
                            Pattern.compile("^(?<rest>.*?) ?\\b(?<time>" + time + ")$"),
                            Pattern.compile("^(?<time>" + time + ")\\b ?(?<rest>.*)$")));
        }
    }

    private static final List<Form> FORMS = List.of(
            Form.of(Kind.UNTIL, false, "until " + ONE_OR_TWO + " " + UNIT),
            Form.of(Kind.UNTIL, true, "until " + UNIT + " " + ONE_OR_TWO),
            Form.of(Kind.UNTIL, false, "(?:for )?first " + ONE_OR_TWO + " " + UNIT),
            Form.of(Kind.UNTIL, false, "before " + ONE_OR_TWO + " " + UNIT),
            Form.of(Kind.UNTIL, true, "before " + UNIT + " " + ONE_OR_TWO),
            Form.of(Kind.FROM, false, "(?:start )?(?:at|from|after) " + ONE_OR_TWO + " " + UNIT),
            Form.of(Kind.LENGTH, false, "for " + ONE_OR_TWO + " " + UNIT),
            Form.of(
                    Kind.FROM,
                    true,
                    "(?:start )?(?:at |from |after |in )?" + UNIT + " (\\d{1,3})(?: (?:to|and) (\\d{1,3}))?"),
            Form.of(Kind.LENGTH, false, ONE_OR_TWO + " " + UNIT));

    /** Finds the time at the end of a clause, or at its beginning. */
    static Timing of(String clause) {
        for (Form form : FORMS) {
            for (Pattern place : form.places()) {
                Matcher matcher = place.matcher(clause);
                if (matcher.matches()) {
                    return read(form, matcher.group("rest").strip(), matcher.group("time"));
                }
            }
        }
        return condition(clause);
    }

    private static Timing read(Form form, String rest, String time) {
        Matcher numbers =
                Pattern.compile("(\\d{1,3})(?: (?:to|and) (\\d{1,3}))?").matcher(time);
        Matcher unit = Pattern.compile("day|week|month").matcher(time);
        if (!numbers.find() || !unit.find()) {
            throw new IllegalStateException("a time without number or unit: " + time);
        }
        int first = Integer.parseInt(numbers.group(1));
        int last = numbers.group(2) == null ? first : Integer.parseInt(numbers.group(2));
        if (last < first) {
            return new Timing(Kind.NONE, rest + " " + time, "", false, 0, 0, "");
        }
        boolean spans = form.kind() == Kind.FROM && form.label() && last > first
                || form.kind() == Kind.LENGTH && first == 0 && last > 0
                || time.startsWith("from ") && last > first;
        boolean dated = unit.group().equals("day") && form.label();
        return new Timing(
                spans ? Kind.BETWEEN : form.kind(), rest, unit.group(), form.label() && !dated, first, last, "");
    }

    private static Timing condition(String clause) {
        Matcher once =
                Pattern.compile("^(?<rest>.*?) ?\\b" + AT_ONCE.pattern() + "$").matcher(clause);
        if (once.matches()) {
            return new Timing(Kind.AT_ONCE, once.group("rest").strip(), "day", false, 0, 0, "");
        }
        Matcher when =
                Pattern.compile("^(.+?) (until|when|once|if|as soon as) (.+)$").matcher(clause);
        if (when.matches()) {
            Kind kind = when.group(2).equals("until") ? Kind.UNTIL_WHEN : Kind.WHEN;
            Timing earlier = of(when.group(1));
            return earlier.kind() == Kind.NONE
                    ? new Timing(kind, when.group(1), "", false, 0, 0, when.group(3))
                    : new Timing(
                            earlier.kind(),
                            earlier.rest(),
                            earlier.unit(),
                            earlier.label(),
                            earlier.first(),
                            earlier.last(),
                            when.group(3));
        }
        return new Timing(Kind.NONE, clause, "", false, 0, 0, "");
    }

    /** The moment of a number of it, once it is known how weeks are named; of a stretch that ends with a named week, behind it. */
    Optional<Moment> moment(int number, boolean end, Asking asking) {
        if (number * (long) days() > LONGEST_DAYS) {
            return Optional.empty();
        }
        return switch (unit) {
            case "month" -> Optional.of(new Moment.Month(number));
            case "week" -> label ? named(number, end, asking) : Optional.of(new Moment.Lasting(number));
            default -> Optional.of(new Moment.Day(number));
        };
    }

    private int days() {
        return unit.equals("month") ? 30 : unit.equals("week") ? 7 : 1;
    }

    private static Optional<Moment> named(int week, boolean end, Asking asking) {
        if (week == 0) {
            return Optional.of(new Moment.Day(0));
        }
        return asking.answer(WeekNames.question(week))
                .map(id -> id.equals(WeekNames.COMPLETED)
                        ? new Moment.CompletedWeek(week)
                        : new Moment.NthWeek(end ? week + 1 : week));
    }

    boolean isTwo() {
        return last > first;
    }
}
