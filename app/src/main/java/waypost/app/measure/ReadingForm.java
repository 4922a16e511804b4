package waypost.app.measure;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.store.LoadedCourse;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Side;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.NeutralZero;
import waypost.core.measure.Unit;
import waypost.library.words.Dates;
import waypost.library.words.SpokenReading;

/**
 * A reading as it was typed.
 *
 * @param strict absent when its box was not ticked
 */
public record ReadingForm(
        String readingId,
        String measure,
        String said,
        String side,
        String mode,
        String measuredOn,
        @Nullable Boolean strict) {

    public ReadingForm {
        readingId = Entered.text(readingId);
        measure = Entered.text(measure);
        said = Entered.text(said);
        side = Entered.text(side);
        mode = Entered.text(mode);
        measuredOn = Entered.text(measuredOn);
    }

    /** Says that the value is a whole range in the three-number form, both ends at once. */
    static final String RANGE = "range.";

    /** A blank form, on the first measure of the list. */
    static ReadingForm blank(LocalDate today, Side operated) {
        return new ReadingForm(
                UUID.randomUUID().toString(), "", "", operated.name(), "PASSIVE", today.toString(), true);
    }

    boolean isStrict() {
        return Boolean.TRUE.equals(strict);
    }

    public Side readSide() {
        return Entered.choice(Side.class, "side", side);
    }

    /** The mode of a range; what has no mode is kept as active, which is how the rules read it. */
    public Mode readMode(Measure of) {
        return of.unit() == Unit.DEGREES && of.motion().isPresent()
                ? Entered.choice(Mode.class, "mode", mode)
                : Mode.ACTIVE;
    }

    LocalDate readDate(LoadedCourse course, LocalDate today) {
        LocalDate date = Entered.date("measuredOn", measuredOn);
        if (date.isAfter(today)) {
            throw new FormProblem(
                    "measuredOn", "Found " + Dates.say(date) + ", which is in the future; allowed: up to today.");
        }
        if (date.isBefore(course.row().birthDate())) {
            throw new FormProblem("measuredOn", "Found " + Dates.say(date) + ", which is before the birth date.");
        }
        return date;
    }

    /** The amounts by measure: two for a whole range, one otherwise. */
    public Map<Measure, Amount> readAmounts(LoadedCourse course) {
        try {
            return measure.startsWith(RANGE) ? range(course) : single(course);
        } catch (IllegalArgumentException unreadable) {
            throw new FormProblem("said", String.valueOf(unreadable.getMessage()));
        }
    }

    private Map<Measure, Amount> range(LoadedCourse course) {
        Motion motion = Entered.choice(Motion.class, "measure", measure.substring(RANGE.length()));
        Arc arc = NeutralZero.parse(motion, said);
        Map<Measure, Amount> amounts = new LinkedHashMap<>();
        for (Measure each : course.bundle().measures()) {
            if (each.motion().filter(m -> m == motion).isPresent() && each.end().isPresent()) {
                boolean positive = each.end().get() == Direction.POSITIVE;
                amounts.put(
                        each,
                        each.amount(positive ? arc.most().value() : arc.least().value()));
            }
        }
        return amounts;
    }

    private Map<Measure, Amount> single(LoadedCourse course) {
        Measure found = course.bundle()
                .findMeasure(measure)
                .orElseThrow(() -> new FormProblem("measure", "Choose a measure from the list."));
        return Map.of(found, SpokenReading.parse(found, said));
    }
}
