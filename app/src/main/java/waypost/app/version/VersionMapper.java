package waypost.app.version;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface VersionMapper {

    /** A course that runs: the protocol it follows and the bundle it is pinned to. */
    record Pinned(UUID courseId, String protocolId, String bundleHash) {}

    @Select("""
            select c.id as course_id, c.protocol_id, coalesce(v.bundle_hash, c.bundle_hash) as bundle_hash
              from course c
              join statement s on s.course_id = c.id
               and not exists (select 1 from statement later where later.replaces = s.id)
              left join lateral (select bundle_hash from course_version where course_id = c.id
                                  order by nth desc limit 1) v on true
             where c.clinic_id = #{clinicId}
               and not exists (select 1 from course_end e where e.course_id = c.id and e.ended_on <= #{today})
             order by s.day_zero, c.id
            """)
    List<Pinned> running(UUID clinicId, LocalDate today);

    @Insert("""
            insert into course_version (id, course_id, bundle_hash, signature_id, moved_by, moved_at)
            values (gen_random_uuid(), #{courseId}, #{bundleHash}, #{signatureId}, #{by}, #{at})
            """)
    int insert(UUID courseId, String bundleHash, UUID signatureId, UUID by, Instant at);
}
