package waypost.app.course;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * What stands above every page of a course: who, what, which day, and the precautions.
 *
 * @param viewing a band that says which day is shown, when it is not today; empty otherwise
 */
public record CourseHead(
        UUID id,
        String patient,
        String born,
        String number,
        String operation,
        String operated,
        String day,
        String counted,
        String phase,
        String milestones,
        String protocol,
        String review,
        String viewing,
        LocalDate on,
        List<Strip> strip) {

    /**
     * A cell of the precautions strip.
     *
     * @param kind limit, barred, ask, hold or duty
     */
    public record Strip(String kind, String title, String detail) {}
}
