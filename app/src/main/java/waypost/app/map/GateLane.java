package waypost.app.map;

import java.util.List;
import java.util.Optional;
import waypost.core.course.NextPhase;
import waypost.core.course.Standing;
import waypost.core.milestone.Milestone;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.time.CourseDay;
import waypost.library.words.SignWords;

/** Under each post between two phases its milestones, met ones filled; the next gate with its earliest day. */
record GateLane(Standing standing, Ruler ruler, PhaseLane phases) {

    private static final String MET = "●";
    private static final String OPEN = "○";

    Lane lane() {
        return new Lane(
                "gates",
                "Milestones",
                phases.stretches().stream()
                        .filter(stretch -> !stretch.start().isBefore(ruler.first()))
                        .flatMap(stretch -> before(stretch.phase())
                                .filter(before -> !before.leave().isEmpty())
                                .map(before -> mark(before, stretch))
                                .stream())
                        .toList());
    }

    private Optional<Phase> before(Phase phase) {
        List<Phase> all = protocol().phases();
        int at = all.indexOf(phase);
        return at > 0 ? Optional.of(all.get(at - 1)) : Optional.empty();
    }

    private Protocol protocol() {
        return standing.course().resolved().protocol();
    }

    private Mark mark(Phase before, PhaseLane.Stretch stretch) {
        Phase phase = stretch.phase();
        int needed = before.leave().size();
        int met = (int) before.leave().stream()
                .map(standing::milestone)
                .filter(Milestone::isMet)
                .count();
        boolean passed = protocol().hasReached(standing.phase().id(), phase.id());
        boolean next = standing.next().map(NextPhase::phase).map(phase::equals).orElse(false);
        CourseDay earliest = phase.earliest().from(ruler.dayZero());
        String counted = met + " of " + needed;
        String day = SignWords.date(earliest.dateFrom(ruler.dayZero()));
        String dots = passed ? MET.repeat(needed) : MET.repeat(met) + OPEN.repeat(needed - met);
        double left = ruler.at(stretch.start());
        return Mark.of(
                passed ? "gate-passed" : next ? "gate-next" : "gate",
                left,
                ruler.at(stretch.end()) - left,
                next ? dots + " " + counted + " · from " + day : dots,
                "into " + phases.said(phase, stretch.start()) + ": "
                        + (passed ? "signed" : counted + " milestones met, not before " + day));
    }
}
