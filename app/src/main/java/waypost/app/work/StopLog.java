package waypost.app.work;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import waypost.app.store.OncePerRequest;
import waypost.core.exercise.RoleKey;
import waypost.core.log.Stop;

/** What was stopped. */
@Component
public class StopLog {

    private static final int DAYS_KEPT_IN_MIND = 28;

    private final SetMapper mapper;
    private final OncePerRequest once;

    StopLog(SetMapper mapper, OncePerRequest once) {
        this.mapper = mapper;
        this.once = once;
    }

    /** A stop as it is kept, with its role as activity/role. */
    record Row(LocalDate on, String role, String why) {}

    /** The stops of a day, in order. */
    public List<Stop> on(UUID courseId, LocalDate day) {
        return upTo(courseId, day).stream()
                .filter(stop -> stop.on().equals(day))
                .toList();
    }

    /** The stops of the weeks up to a day, in order. */
    List<Stop> upTo(UUID courseId, LocalDate day) {
        return once.get(
                "waypost.stops." + courseId + "." + day,
                () -> mapper.findStops(courseId, day.minusDays(DAYS_KEPT_IN_MIND)).stream()
                        .map(row -> new Stop(row.on(), RoleKey.of(row.role()), row.why()))
                        .filter(stop -> !stop.on().isAfter(day))
                        .toList());
    }
}
