package waypost.app.work;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What was stopped. */
@Component
public class StopLog {

    private final SetMapper mapper;

    StopLog(SetMapper mapper) {
        this.mapper = mapper;
    }

    /** An exercise that was stopped, activity/role, with what was felt. */
    public record Stopped(LocalDate on, String role, String why) {}

    /** The stops of a day, in order. */
    public List<Stopped> on(UUID courseId, LocalDate day) {
        return since(courseId, day).stream()
                .filter(stop -> stop.on().equals(day))
                .toList();
    }

    /** The stops from a day on, in order. */
    List<Stopped> since(UUID courseId, LocalDate day) {
        return mapper.findStops(courseId, day);
    }
}
