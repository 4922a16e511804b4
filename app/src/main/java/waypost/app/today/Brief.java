package waypost.app.today;

import java.util.List;
import java.util.UUID;
import waypost.app.course.CourseHead;
import waypost.app.rack.Sign;

/**
 * What a therapist wants to know before a patient comes in.
 *
 * @param line what blocks the next phase, in one sentence
 * @param gate where the next phase stands
 * @param blocks what is still missing for it, one sentence each
 * @param since the visit before, said; empty for the first visit
 * @param opened the rungs that opened since then
 * @param closed the rungs that closed since then
 * @param alarms holds and overdue duties, with what to do
 * @param moves what may become of the appointment
 */
public record Brief(
        UUID courseId,
        UUID appointmentId,
        int version,
        String time,
        String state,
        String patient,
        String operation,
        String line,
        String gate,
        List<String> blocks,
        String since,
        List<Sign> opened,
        List<Sign> closed,
        List<CourseHead.Strip> alarms,
        List<CourseHead.Strip> precautions,
        List<Move> moves) {

    /** A next state as a button. */
    public record Move(String state, String label) {}

    public boolean isBooked() {
        return state.equals("booked");
    }
}
