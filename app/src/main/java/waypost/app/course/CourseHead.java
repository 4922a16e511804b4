package waypost.app.course;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * What stands above every page of a course: who, what, which day, and the precautions.
 *
 * @param courses how many courses the patient has
 * @param viewing a band that says which day is shown, when it is not today; empty otherwise
 */
public record CourseHead(
        UUID id,
        String patient,
        String born,
        String number,
        String operation,
        int courses,
        String operated,
        String day,
        String counted,
        String phase,
        String milestones,
        String protocol,
        String review,
        String viewing,
        LocalDate on,
        List<Strip> strip,
        String line) {

    /** The same with what changed and what blocks, in a sentence or two. */
    CourseHead saying(String words) {
        return new CourseHead(
                id,
                patient,
                born,
                number,
                operation,
                courses,
                operated,
                day,
                counted,
                phase,
                milestones,
                protocol,
                review,
                viewing,
                on,
                strip,
                words);
    }

    /**
     * A cell of the precautions strip.
     *
     * @param kind limit, barred, ask, hold, duty, overdue or behind
     */
    public record Strip(String kind, String title, String detail) {

        /** What must never be folded away: holds, questions, what is overdue, what must be worn or done. */
        boolean isUrgent() {
            return !kind.equals("limit") && !kind.equals("barred");
        }
    }

    private static final int CELLS = 10;

    /** The cells that are always in sight: the urgent ones, and as many limits as two rows hold beside them. */
    public List<Strip> firstCells() {
        return ordered()
                .limit(Math.max(CELLS, strip.stream().filter(Strip::isUrgent).count()))
                .toList();
    }

    /** The cells behind those, folded. */
    public List<Strip> otherCells() {
        return ordered().skip(firstCells().size()).toList();
    }

    private Stream<Strip> ordered() {
        return strip.stream().sorted(Comparator.comparing(cell -> !cell.isUrgent()));
    }
}
