package waypost.app.store;

import java.util.UUID;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.RecoverableDataAccessException;
import org.springframework.dao.TransientDataAccessException;

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

    /** What failed, told apart from a database that does not answer: that passes, and says nothing of the course. */
    static boolean isSaidBy(RuntimeException failed) {
        return !(failed instanceof DataAccessResourceFailureException
                || failed instanceof TransientDataAccessException
                || failed instanceof RecoverableDataAccessException);
    }
}
