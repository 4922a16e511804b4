package waypost.app.today;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import waypost.app.appointment.AppointmentRow;
import waypost.app.appointment.AppointmentState;
import waypost.app.appointment.Appointments;
import waypost.app.store.LoadedCourse;
import waypost.core.course.Standing;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;

/**
 * One visit on today's list.
 *
 * @param count the course day as a number
 * @param counted the same in weeks and days
 * @param gate the milestones met for the next phase and when it may come, such as "3/6 · in 32 d" or "5/5 · 2 d ago"
 * @param opened what opened since the visit before
 * @param news what is new since this person last looked into the course
 * @param due what is to be measured
 */
public record TodayRow(
        UUID appointmentId,
        String time,
        AppointmentState state,
        boolean walkIn,
        UUID courseId,
        String patient,
        String operation,
        String count,
        String counted,
        SmallWay way,
        List<MiniSign> precautions,
        String gate,
        String opened,
        String news,
        String due,
        List<Mind> minds) {

    private static final int MINDS_IN_SIGHT = 2;

    /** Something to mind; {@code kind} is hold, overdue, still, ask or ready. */
    public record Mind(String kind, String text) {}

    /**
     * A precaution as a small sign.
     *
     * @param shape of the sign, open-with-limit or barred
     * @param text the number, or how many things are barred
     * @param title what is limited
     */
    public record MiniSign(String shape, String text, String title) {}

    /** The way drawn small, on one scale for the whole list: x from 0 to 200 over 40 weeks. */
    public record SmallWay(int now, List<Post> posts, String words) {

        private static final int SCALE_DAYS = 280;
        private static final int SCALE_WIDTH = 200;

        /** The way of a course as it stands. */
        public static SmallWay of(LoadedCourse course, Standing standing) {
            Protocol protocol = course.protocol();
            List<Post> posts = new ArrayList<>();
            for (Phase phase : protocol.phases().subList(1, protocol.phases().size())) {
                int at = phase.earliest().from(course.row().dayZero()).number();
                posts.add(new Post(x(at), protocol.hasReached(standing.phase().id(), phase.id())));
            }
            return new SmallWay(
                    x(standing.day().number()), posts, standing.phase().title());
        }

        private static int x(int day) {
            return Math.max(0, Math.min(SCALE_WIDTH, day * SCALE_WIDTH / SCALE_DAYS));
        }
    }

    /** A phase's earliest day on the small way. */
    public record Post(int x, boolean passed) {}

    public TodayRow {
        precautions = List.copyOf(precautions);
        minds = List.copyOf(minds);
    }

    /** A visit of a course that can't be put together: somebody has to look at what is stored. */
    static TodayRow unreadable(AppointmentRow appointment, String time, String patient) {
        Mind mind = new Mind(
                "hold",
                "This course can't be read: no treatment from this list. Look at its last note on paper and tell whoever"
                        + " runs Waypost.");
        return new TodayRow(
                appointment.id(),
                time,
                appointment.state(),
                appointment.walkIn(),
                appointment.courseId(),
                patient,
                "",
                "?",
                "",
                new SmallWay(0, List.of(), "not known"),
                List.of(),
                "not known",
                "",
                "",
                "not known",
                List.of(mind));
    }

    /** The state's css name and word. */
    public String said() {
        return Appointments.said(state);
    }

    public boolean isAlarming() {
        return minds.stream()
                .anyMatch(mind -> mind.kind().equals("hold") || mind.kind().equals("overdue"));
    }

    public List<Mind> firstMinds() {
        return minds.size() <= MINDS_IN_SIGHT ? minds : minds.subList(0, 1);
    }

    public int furtherMinds() {
        return minds.size() - firstMinds().size();
    }
}
