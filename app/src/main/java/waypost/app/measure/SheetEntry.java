package waypost.app.measure;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.measure.EndFeel;
import waypost.core.measure.Tool;

/**
 * One entry of the measuring sheet as it was typed; which fields are used depends on how the measure is taken.
 *
 * @param entryId determines the reading's id, so that sending it twice writes once
 * @param said a value, or a whole range in the three-number form
 * @param trial tries at a test
 * @param unit of force, for trials against a dynamometer
 * @param lever in centimetres
 * @param choice which trial stands for all
 * @param answer numbered answers, blank where not given; or the three reaches
 * @param leg length in centimetres
 * @param rater who measured; blank when who is signed in did
 * @param compensated null when its box was not ticked
 * @param confirmed null until an unlikely value was confirmed
 * @param seen the latest reading of the same thing that the page showed; blank when there was none
 */
record SheetEntry(
        @Nullable String entryId,
        @Nullable String side,
        @Nullable String mode,
        @Nullable String said,
        @Nullable List<String> trial,
        @Nullable String unit,
        @Nullable String lever,
        @Nullable String choice,
        @Nullable List<String> answer,
        @Nullable String leg,
        @Nullable String tool,
        @Nullable String position,
        @Nullable String pain,
        @Nullable String endFeel,
        @Nullable String rater,
        @Nullable Boolean compensated,
        @Nullable Boolean confirmed,
        @Nullable String seen,
        @Nullable String measuredOn,
        @Nullable String source) {

    private static final int LONGEST_POSITION = 120;
    private static final int LONGEST_NAME = 80;

    UUID readId() {
        return Entered.id("entryId", text(entryId));
    }

    Side readSide() {
        return Entered.choice(Side.class, "side", text(side));
    }

    Mode readMode() {
        return Entered.choice(Mode.class, "mode", text(mode));
    }

    boolean isStrict() {
        return !Boolean.TRUE.equals(compensated);
    }

    boolean isConfirmed() {
        return Boolean.TRUE.equals(confirmed);
    }

    /** Blank is today; an entry that waited for the connection names its own day. */
    LocalDate readDate(LocalDate today) {
        if (text(measuredOn).isEmpty()) {
            return today;
        }
        LocalDate date = Entered.date("measuredOn", text(measuredOn));
        if (date.isAfter(today)) {
            throw new FormProblem("measuredOn", "Found " + date + ", which is in the future; allowed: up to today.");
        }
        return date;
    }

    /** How it was taken, whatever it was worked out from. */
    HowTaken readHow() {
        String placed = Entered.words("position", position, LONGEST_POSITION);
        String who = Entered.words("rater", rater, LONGEST_NAME);
        return new HowTaken(
                who,
                maybe(Tool.class, "tool", tool).orElse(null),
                placed,
                readPain().orElse(null),
                maybe(EndFeel.class, "endFeel", endFeel).orElse(null),
                "",
                maybe(HowTaken.Source.class, "source", source).orElse(HowTaken.Source.SHEET));
    }

    private Optional<Integer> readPain() {
        if (text(pain).isEmpty()) {
            return Optional.empty();
        }
        if (!text(pain).matches("10|[0-9]")) {
            throw new FormProblem("pain", "Found '" + text(pain) + "', allowed: 0 to 10.");
        }
        return Optional.of(Integer.valueOf(text(pain)));
    }

    private static <E extends Enum<E>> Optional<E> maybe(Class<E> type, String field, @Nullable String entered) {
        return text(entered).isEmpty() ? Optional.empty() : Optional.of(Entered.choice(type, field, text(entered)));
    }

    /** The numbers under a name that were typed; blanks are left out. */
    static List<Double> numbers(String what, @Nullable List<String> typed) {
        return (typed == null ? List.<String>of() : typed)
                .stream()
                        .map(String::strip)
                        .filter(each -> !each.isEmpty())
                        .map(each -> number(what, each))
                        .toList();
    }

    static double number(String what, @Nullable String typed) {
        try {
            return Double.parseDouble(text(typed).replace(',', '.'));
        } catch (NumberFormatException notANumber) {
            throw new IllegalArgumentException(what + ": found '" + text(typed) + "', allowed: a number", notANumber);
        }
    }

    static String text(@Nullable String typed) {
        return typed == null ? "" : typed.strip();
    }
}
