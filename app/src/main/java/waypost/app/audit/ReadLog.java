package waypost.app.audit;

import java.util.Set;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.stereotype.Service;
import waypost.app.account.Staff;

/** Notes who looked at which course, where and when. */
@Service
public class ReadLog {

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

    @Mapper
    interface ReadLogMapper {

        @Insert("""
                insert into read_log (clinic_id, account_id, course_id, place)
                select #{clinicId}, #{accountId}, course_id, #{place} from unnest(#{courseIds}) as course_id
                """)
        int insert(UUID clinicId, UUID accountId, UUID[] courseIds, String place);
    }
}
