package waypost.app.audit;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;
import waypost.app.account.Staff;

/** Notes who looked at which course, where and when. */
@Service
public class ReadLog {

    /** Lists in which somebody only passes by: no look into a course. */
    public static final String TODAY = "today";

    public static final String BRIEF = "brief";
    public static final String FINDER = "finder";
    public static final String CASELOAD = "caseload";

    private final ReadLogMapper mapper;

    ReadLog(ReadLogMapper mapper) {
        this.mapper = mapper;
    }

    /** Notes a look. */
    public void saw(Staff staff, UUID courseId, String place) {
        sawAll(staff, Set.of(courseId), place);
    }

    /** Notes a look at a list. */
    public void sawAll(Staff staff, Set<UUID> courseIds, String place) {
        mapper.insert(staff.clinicId(), staff.id(), courseIds.toArray(UUID[]::new), place);
    }

    /** When somebody last looked into each of these courses; a look at a list is none. */
    public Map<UUID, Instant> lastLooks(Staff staff, Collection<UUID> courseIds) {
        return mapper.findLooks(staff.id(), courseIds.toArray(UUID[]::new)).stream()
                .collect(Collectors.toMap(Look::courseId, Look::at));
    }

    /** The last look into a course. */
    record Look(UUID courseId, Instant at) {}

    @Mapper
    interface ReadLogMapper {

        @Insert("""
                insert into read_log (clinic_id, account_id, course_id, place)
                select #{clinicId}, #{accountId}, course_id, #{place} from unnest(#{courseIds}) as course_id
                """)
        int insert(UUID clinicId, UUID accountId, UUID[] courseIds, String place);

        @Select("""
                select course_id, max(read_at) as at
                  from read_log
                 where account_id = #{accountId} and course_id = any (#{courseIds}) and place not in ('today', 'brief', 'finder', 'caseload')
                 group by course_id
                """)
        List<Look> findLooks(UUID accountId, UUID[] courseIds);
    }
}
