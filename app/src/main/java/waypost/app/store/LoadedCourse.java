package waypost.app.store;

import java.util.List;
import waypost.core.course.Course;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;

/**
 * A course ready to be asked where it stands, with the rows it was made from. It is judged beside the patient's others.
 *
 * @param patient every course of the patient, this one among them, by day 0
 */
public record LoadedCourse(CourseRow row, Bundle bundle, Course course, CourseRows rows, List<CourseRow> patient) {

    public LoadedCourse {
        patient = List.copyOf(patient);
    }

    public List<HoldRow> holds() {
        return rows.holds();
    }

    public List<OrderRow> orders() {
        return rows.orders();
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
