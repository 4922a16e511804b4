package waypost.app.store;

import java.util.UUID;

/** A row of this course does not fit its library. The course is there and nothing of it is lost, but it can't be shown. */
public final class UnreadableCourse extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final UUID course;

    UnreadableCourse(UUID course, RuntimeException cause) {
        super("course " + course + " can't be put together", cause);
        this.course = course;
    }

    public UUID course() {
        return course;
    }
}
