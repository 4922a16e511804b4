package waypost.app.work;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import waypost.app.account.Staff;
import waypost.app.band.BandOrders;
import waypost.app.checkin.CheckIns;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.app.rack.Signs;
import waypost.app.store.LoadedCourse;
import waypost.app.store.SetRow;
import waypost.app.store.WorkStore;
import waypost.core.course.Standing;
import waypost.core.safety.CheckIn;
import waypost.core.visit.Visit;
import waypost.library.coursefile.CheckedIn;

/** Gathers what is known of today's work in a course. */
@Service
public class VisitDays {

    private final CourseDoor door;
    private final WorkStore work;
    private final CheckIns checkIns;
    private final StopLog stops;
    private final WrittenFor writings;
    private final BandOrders bands;

    VisitDays(
            CourseDoor door, WorkStore work, CheckIns checkIns, StopLog stops, WrittenFor writings, BandOrders bands) {
        this.door = door;
        this.work = work;
        this.checkIns = checkIns;
        this.stops = stops;
        this.writings = writings;
        this.bands = bands;
    }

    public DayOfVisit today(Staff staff, UUID courseId) {
        return on(staff, courseId, door.today(staff));
    }

    /** A day of the past as it is known now, such as that of a visit whose note was not written yet; never a future one. */
    public DayOfVisit on(Staff staff, UUID courseId, LocalDate day) {
        OpenCourse open = door.open(staff, courseId);
        return of(open.course(), day.isAfter(open.today()) ? open.today() : day);
    }

    /** A day of a course that is open already. */
    public DayOfVisit of(LoadedCourse course, LocalDate today) {
        UUID courseId = course.row().id();
        Standing standing = course.on(today);
        List<SetRow> sets = work.sets(courseId);
        Optional<CheckIn> said = said(course, today);
        WrittenFor.PlanWithDoses written = writings.of(course, standing, sets);
        Visit visit = Visit.of(
                standing,
                new Visit.Told(
                        said,
                        checkIns.asked(course),
                        work.log(sets, course.checkIns()),
                        stops.upTo(courseId, today),
                        written.prescriptions(),
                        written.week(),
                        written.goal(),
                        written.atHome(),
                        written.followed()));
        return new DayOfVisit(
                course,
                visit,
                sets,
                said,
                written.plan(),
                written.doses(),
                written.tricks(),
                bands.names(course.row().clinicId()),
                bands.measured(course.row().clinicId()),
                new Signs(standing));
    }

    private static Optional<CheckIn> said(LoadedCourse course, LocalDate day) {
        return CheckIn.ofOneDay(course.checkIns().stream()
                .filter(told -> told.on().equals(day))
                .map(CheckedIn::said)
                .toList());
    }
}
