package waypost.app.today;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;
import waypost.app.account.Staff;

/** What others put on a course's record since somebody last looked into it. */
@Service
class Entries {

    private final EntryMapper mapper;

    Entries(EntryMapper mapper) {
        this.mapper = mapper;
    }

    /** By course how many entries of others are newer than the last look; courses without any are left out. */
    Map<UUID, Integer> sinceLastLook(Staff staff, Collection<UUID> courseIds) {
        return mapper.count(staff.id(), courseIds.toArray(UUID[]::new)).stream()
                .collect(Collectors.toMap(Count::courseId, Count::entries));
    }

    /** How many entries a course has. */
    record Count(UUID courseId, int entries) {}

    @Mapper
    interface EntryMapper {

        @Select("""
                with looked as (
                    select course_id, max(read_at) as at from read_log
                     where account_id = #{accountId} and course_id = any (#{courseIds})
                       and place not in ('today', 'brief', 'finder', 'caseload')
                     group by course_id
                )
                select n.course_id, count(*) as entries
                  from (
                    select course_id, entered_at as at, entered_by as by from reading
                    union all select course_id, signed_at, signed_by from signature
                    union all select course_id, placed_at, placed_by from hold
                    union all select course_id, entered_at, entered_by from attestation
                    union all select course_id, entered_at, entered_by from surgeon_order
                    union all select course_id, entered_at, entered_by from check_in
                    union all select course_id, entered_at, entered_by from set_done
                    union all select course_id, stopped_at, stopped_by from stop
                    union all select course_id, written_at, written_by from visit_note
                  ) n
                  join looked l on l.course_id = n.course_id
                 where n.course_id = any (#{courseIds}) and n.at > l.at and n.by <> #{accountId}
                 group by n.course_id
                """)
        List<Count> count(UUID accountId, UUID[] courseIds);
    }
}
