package waypost.app.milestone;

import java.util.List;
import java.util.stream.Collectors;
import waypost.core.course.NextPhase;
import waypost.core.course.Progress;
import waypost.core.course.Standing;
import waypost.core.milestone.Milestone;
import waypost.library.words.Dates;

/** The evidence for the next phase: its milestones as they are shown, and as text to be stored with a decision. */
public record EvidenceTable(List<EvidenceRow> rows, String text) {

    public EvidenceTable {
        rows = List.copyOf(rows);
    }

    static EvidenceTable of(Standing standing) {
        Dates dates = new Dates(standing.course().resolved().dayZero());
        List<Progress> progress = Progress.of(standing);
        List<EvidenceRow> rows = standing.next().map(NextPhase::milestones).orElse(List.of()).stream()
                .map(milestone -> row(milestone, progress, dates))
                .toList();
        String time = standing.next()
                .map(next -> "Not before " + dates.say(next.earliest()) + ": "
                        + (next.timeReached() ? "reached" : "not reached"))
                .orElse("The last phase is reached.");
        return new EvidenceTable(
                rows, time + rows.stream().map(row -> "\n" + row.line()).collect(Collectors.joining()));
    }

    private static EvidenceRow row(Milestone milestone, List<Progress> progress, Dates dates) {
        return EvidenceRow.of(
                milestone,
                progress.stream()
                        .filter(one -> one.milestone().equals(milestone))
                        .findFirst(),
                dates);
    }
}
