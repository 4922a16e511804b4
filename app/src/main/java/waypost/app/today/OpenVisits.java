package waypost.app.today;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;
import waypost.library.words.SignWords;

/** Visits that were begun and have no note yet, and notes that wait for a countersignature. */
@Service
public class OpenVisits {

    private final OpenVisitMapper mapper;

    OpenVisits(OpenVisitMapper mapper) {
        this.mapper = mapper;
    }

    /** A visit that is not closed; {@code written} says that its note only waits for a signature. */
    public record Open(UUID courseId, LocalDate visitedOn, boolean written) {}

    /** All of these courses, the oldest first. */
    public List<Open> find(Collection<UUID> courseIds) {
        return mapper.find(courseIds.toArray(UUID[]::new));
    }

    /** By course the marks of a day's row; courses without any are left out. */
    Map<UUID, List<TodayRow.Mind>> of(Collection<UUID> courseIds, LocalDate today) {
        Map<UUID, List<TodayRow.Mind>> minds = new HashMap<>();
        for (Open open : find(courseIds)) {
            minds.computeIfAbsent(open.courseId(), id -> new ArrayList<>())
                    .add(new TodayRow.Mind("behind", said(open, today)));
        }
        return minds;
    }

    private static String said(Open open, LocalDate today) {
        String of = open.visitedOn().equals(today) ? "today's visit" : "visit of " + SignWords.date(open.visitedOn());
        return open.written() ? of + ": note waits for a countersignature" : of + " is open: no note yet";
    }

    @Mapper
    interface OpenVisitMapper {

        @Select("""
                select v.course_id, v.visited_on, false as written
                  from visit v
                 where v.course_id = any (#{courseIds})
                   and not exists (select 1 from visit_note n
                                    where n.course_id = v.course_id and n.visited_on = v.visited_on)
                union all
                select n.course_id, n.visited_on, true
                  from visit_note n
                 where n.course_id = any (#{courseIds})
                   and n.signature_id is null
                   and not exists (select 1 from countersignature c where c.note_id = n.id)
                 order by 2
                """)
        List<Open> find(UUID[] courseIds);
    }
}
