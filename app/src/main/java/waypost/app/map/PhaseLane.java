package waypost.app.map;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import waypost.core.course.SignedPhase;
import waypost.core.course.Standing;
import waypost.core.protocol.Phase;
import waypost.core.time.CourseDay;
import waypost.library.words.Dates;

/** The phases: signed ones from the day they were signed, those ahead from when they are expected. */
record PhaseLane(Standing standing, Ruler ruler, CourseDay today) {

    /** A phase and the days from which to which it goes. */
    record Stretch(Phase phase, CourseDay start, CourseDay end) {}

    Lane lane() {
        return new Lane(
                "phases",
                "Phase",
                stretches().stream()
                        .map(stretch -> mark(stretch.phase(), stretch.start(), stretch.end()))
                        .toList());
    }

    /** The phases of which something is shown. */
    List<Stretch> stretches() {
        List<Phase> phases = standing.course().resolved().protocol().phases();
        List<Stretch> stretches = new ArrayList<>();
        CourseDay start =
                begins(phases.get(0), standing.course().resolved().protocol().begins(ruler.dayZero()));
        for (int i = 0; i < phases.size(); i++) {
            CourseDay end =
                    i + 1 < phases.size() ? later(start, begins(phases.get(i + 1), start)) : later(start, ruler.last());
            if (ruler.first().isBefore(end) && start.isBefore(ruler.last())) {
                stretches.add(new Stretch(phases.get(i), start, end));
            }
            start = end;
        }
        return stretches;
    }

    /** A phase's name with the day from which it is signed or expected. */
    String said(Phase phase, CourseDay start) {
        String how = signed(phase).isPresent() || isFirst(phase) ? "from " : "expected ";
        return phase.title() + ", " + how + Dates.say(start.dateFrom(ruler.dayZero())) + ", "
                + Dates.bothCountings(start);
    }

    private Mark mark(Phase phase, CourseDay start, CourseDay end) {
        boolean now = phase.equals(standing.phase());
        boolean signed = signed(phase).isPresent() || isFirst(phase);
        String kind = now ? "now" : signed ? "passed" : "ahead";
        return Mark.of(kind, ruler.at(start), ruler.at(end) - ruler.at(start), phase.title(), said(phase, start));
    }

    private boolean isFirst(Phase phase) {
        return standing.course().resolved().protocol().phases().get(0).equals(phase);
    }

    /** What is expected and not signed is never drawn in the past. */
    private CourseDay begins(Phase phase, CourseDay otherwise) {
        if (isFirst(phase)) {
            return standing.course().resolved().protocol().begins(ruler.dayZero());
        }
        return signed(phase)
                .map(day -> CourseDay.between(ruler.dayZero(), day))
                .orElseGet(() -> later(today, later(otherwise, phase.expected().from(ruler.dayZero()))));
    }

    private Optional<LocalDate> signed(Phase phase) {
        return standing.course().history().signed().stream()
                .filter(signed -> signed.phase().equals(phase.id()))
                .map(SignedPhase::from)
                .findFirst();
    }

    private static CourseDay later(CourseDay one, CourseDay other) {
        return one.isBefore(other) ? other : one;
    }
}
