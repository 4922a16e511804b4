package waypost.app.course;

import java.time.LocalDate;
import java.util.UUID;
import org.springframework.stereotype.Component;
import waypost.app.account.Staff;
import waypost.app.audit.ReadLog;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;

/** The way into a course for every page: the clinic is checked, the look is logged, the patient's courses are put together. */
@Component
public class CourseDoor {

    private final CourseLoader loader;
    private final CourseHeads heads;
    private final ReadLog readLog;
    private final ClinicClock clock;

    CourseDoor(CourseLoader loader, CourseHeads heads, ReadLog readLog, ClinicClock clock) {
        this.loader = loader;
        this.heads = heads;
        this.readLog = readLog;
        this.clock = clock;
    }

    /** Opens a course for somebody who sees it on a page whose address does not name it, and notes the look. */
    public OpenCourse look(Staff staff, UUID courseId, String place) {
        OpenCourse open = open(staff, courseId);
        readLog.saw(staff, courseId, place);
        return open;
    }

    /** Opens a course of this clinic; another clinic's is not found. The look at its own pages is noted for all of them. */
    public OpenCourse open(Staff staff, UUID courseId) {
        LocalDate today = clock.today(staff);
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        return new OpenCourse(course, course.on(today), today, heads);
    }

    public LocalDate today(Staff staff) {
        return clock.today(staff);
    }
}
