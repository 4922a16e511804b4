package waypost.app.today;

import java.util.List;
import java.util.UUID;

/** One visit on today's list. */
public record TodayRow(
        UUID appointmentId,
        int version,
        String time,
        String state,
        List<Move> moves,
        UUID courseId,
        String patient,
        String operation,
        String day,
        String counted,
        Strip strip,
        String opened,
        String due,
        List<Mind> minds) {

    /** A next state as a button. */
    public record Move(String state, String label) {}

    /** Something to mind. */
    public record Mind(String kind, String text) {}

    /** The way drawn small, on one scale for the whole list: x from 0 to 200 over 40 weeks. */
    public record Strip(int now, List<Post> posts, String words) {}

    /** A phase's earliest day on the small way. */
    public record Post(int x, boolean passed) {}
}
