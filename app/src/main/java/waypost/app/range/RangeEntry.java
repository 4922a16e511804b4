package waypost.app.range;

import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.course.OpenCourse;
import waypost.app.entry.FormProblem;
import waypost.app.measure.HowTaken;
import waypost.app.measure.ReadingEntry;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.followup.StrictRange.Asked;
import waypost.core.followup.StrictTaken;
import waypost.core.measure.Measure;
import waypost.core.measure.Plain;
import waypost.library.words.RangeWords;

/** Keeps what was taken in one posture as readings: what helped makes an active one no strict one. */
@Service
class RangeEntry {

    private final ReadingEntry readings;

    RangeEntry(ReadingEntry readings) {
        this.readings = readings;
    }

    @Transactional
    public void keep(Staff staff, OpenCourse open, Asked asked, RangeForm form) {
        StrictTaken taken = form.taken();
        OptionalDouble other = form.other();
        taken.objection(asked).ifPresent(objection -> {
            throw new FormProblem("strict", RangeWords.say(objection));
        });
        other.ifPresent(value -> within(asked.measure(), value));
        Taking taking = new Taking(staff, open, asked, form.id());
        Side operated = open.standing().facts().side();
        taken.passive().ifPresent(value -> add(taking, "passive", operated, Mode.PASSIVE, value, true, ""));
        String helped = taken.by().stream().sorted().map(RangeWords::say).collect(Collectors.joining(", "));
        taken.active()
                .ifPresent(value -> add(taking, "active", operated, Mode.ACTIVE, value, !taken.isHelped(), helped));
        if (taken.isHelped() || taken.active().isEmpty()) {
            taken.strict().ifPresent(value -> add(taking, "strict", operated, Mode.ACTIVE, value, true, ""));
        }
        if (asked.measure().bothSides()) {
            other.ifPresent(value -> add(taking, "other", operated.other(), Mode.ACTIVE, value, true, ""));
        }
    }

    private static void within(Measure measure, double value) {
        if (!(value >= measure.least() && value <= measure.most())) {
            throw new FormProblem(
                    "otherStrict",
                    "Found " + Plain.number(value) + ", allowed: " + Plain.number(measure.least()) + " to "
                            + Plain.number(measure.most()) + ".");
        }
    }

    /** What is being taken, and the form's id from which each reading has its own. */
    private record Taking(Staff staff, OpenCourse open, Asked asked, UUID id) {}

    private void add(Taking taking, String as, Side side, Mode mode, double value, boolean strict, String helped) {
        Measure measure = taking.asked().measure();
        String words = RangeWords.say(taking.asked().posture()) + (helped.isEmpty() ? "" : ": " + helped);
        readings.add(
                taking.staff(),
                taking.open().course(),
                new ReadingEntry.Value(
                        ReadingEntry.idFor(ReadingEntry.idFor(taking.id(), as), measure),
                        measure,
                        side,
                        mode,
                        measure.amount(value),
                        taking.open().today(),
                        strict,
                        HowTaken.worked(words, HowTaken.Source.SHEET)));
    }
}
