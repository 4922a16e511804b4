package waypost.app.caseload;

import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import waypost.app.today.TodayRow;
import waypost.core.caseload.Concern;

/**
 * One course on the list.
 *
 * @param count the course day as a number
 * @param way drawn small, on one scale for the whole list
 * @param lines what is to be looked at, the gravest first
 */
record CaseloadRow(
        UUID courseId,
        String patient,
        String number,
        String operation,
        String surgeon,
        int count,
        String phase,
        String gate,
        TodayRow.SmallWay way,
        List<Line> lines) {

    /** Exceptions first, the gravest on top; equal ones as long as they are under way. */
    static final Comparator<CaseloadRow> GRAVEST_FIRST = Comparator.comparingInt(CaseloadRow::gravity)
            .thenComparing(Comparator.comparingInt(CaseloadRow::count).reversed());

    /**
     * Something to look at.
     *
     * @param place where it is answered, below the course's address
     * @param here address of the part of a page on which a surgeon answers it on the list itself; empty for none
     */
    record Line(Concern.Kind kind, String title, String says, String place, String here) {}

    boolean has(Concern.Kind kind) {
        return lines.stream().anyMatch(line -> line.kind() == kind);
    }

    private int gravity() {
        return lines.stream().mapToInt(line -> line.kind().ordinal()).min().orElse(Concern.Kind.values().length);
    }
}
