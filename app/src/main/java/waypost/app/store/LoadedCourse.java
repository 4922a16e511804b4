package waypost.app.store;

import io.micrometer.core.instrument.Metrics;
import io.micrometer.core.instrument.Timer;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import waypost.app.entry.OutOfReach;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;
import waypost.library.coursefile.CheckedIn;

/**
 * A course ready to be asked where it stands, with the rows it was made from. It is judged beside the patient's others.
 *
 * @param patient every course of the patient, this one among them, by day 0
 */
public record LoadedCourse(CourseRow row, Bundle bundle, Course course, CourseRows rows, List<CourseRow> patient) {

    public LoadedCourse {
        patient = List.copyOf(patient);
    }

    /** Where the course stands on a day, by what was known then. How long judging took is measured. */
    public Standing on(LocalDate date) {
        Timer.Sample begun = Timer.start();
        Standing standing = course.on(date, date, Outlook.TIME_ONLY);
        begun.stop(Metrics.timer("waypost.judging"));
        return standing;
    }

    /** The day that an address asks for, or today; refused where the course can't be asked about it. */
    public LocalDate day(Optional<LocalDate> asked, LocalDate today) {
        return asked.map(day -> OutOfReach.check(day, course.earliest(), course.latest()))
                .orElse(today);
    }

    public List<HoldRow> holds() {
        return rows.holds();
    }

    public List<OrderRow> orders() {
        return rows.orders();
    }

    /** What was told on coming in, in the order of the days. */
    public List<CheckedIn> checkIns() {
        return rows.checkIns();
    }

    public List<EventRow> events() {
        return rows.events();
    }

    public List<NarrowingRow> narrowings() {
        return rows.narrowings();
    }

    public Protocol protocol() {
        return course.resolved().protocol();
    }
}
