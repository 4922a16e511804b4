package waypost.app.course;

import java.time.LocalDate;
import waypost.app.store.LoadedCourse;
import waypost.core.course.Standing;

/** A course that is open on a page, and where it stands today. */
public record OpenCourse(LoadedCourse course, Standing standing, LocalDate today, CourseHeads heads) {

    /** What stands above the page. */
    public CourseHead head() {
        return head(standing);
    }

    /** What stands above a page that shows another day. */
    public CourseHead head(Standing shown) {
        return heads.head(course, shown, today);
    }
}
