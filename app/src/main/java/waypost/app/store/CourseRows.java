package waypost.app.store;

import java.util.List;
import waypost.core.log.Session;
import waypost.core.measure.Readings;
import waypost.library.coursefile.CheckedIn;

/** What is stored of one course. */
record CourseRows(
        Readings readings,
        List<AdvanceRow> advances,
        List<HoldRow> holds,
        List<AttestationRow> attested,
        List<OrderRow> orders,
        List<EventRow> events,
        List<NarrowingRow> narrowings,
        List<Session> sessions,
        List<CheckedIn> checkIns) {

    CourseRows {
        advances = List.copyOf(advances);
        holds = List.copyOf(holds);
        attested = List.copyOf(attested);
        orders = List.copyOf(orders);
        events = List.copyOf(events);
        narrowings = List.copyOf(narrowings);
        sessions = List.copyOf(sessions);
        checkIns = List.copyOf(checkIns);
    }

    /** The same with its readings read otherwise. */
    CourseRows with(Readings others) {
        return new CourseRows(others, advances, holds, attested, orders, events, narrowings, sessions, checkIns);
    }
}
