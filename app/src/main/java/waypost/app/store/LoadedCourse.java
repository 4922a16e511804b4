package waypost.app.store;

import java.util.List;
import waypost.core.course.Course;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;

/** A course ready to be asked where it stands, with the rows it was made from. */
public record LoadedCourse(CourseRow row, Bundle bundle, Course course, List<HoldRow> holds, List<OrderRow> orders) {

    public LoadedCourse {
        holds = List.copyOf(holds);
        orders = List.copyOf(orders);
    }

    public Protocol protocol() {
        return course.resolved().protocol();
    }
}
