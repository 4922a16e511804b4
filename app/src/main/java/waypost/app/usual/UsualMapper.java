package waypost.app.usual;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface UsualMapper {

    /** A setting; its answers as JSON. */
    record Row(String surgeon, String protocol, String answers, String setBy, Instant setAt) {}

    @Select("""
            select * from (
                select distinct on (lower(u.surgeon), u.protocol)
                       u.surgeon, u.protocol, u.answers::text as answers, a.display_name as set_by, u.set_at, u.kind
                  from usual_answer u
                  join account a on a.id = u.set_by
                 where u.clinic_id = #{clinicId}
                 order by lower(u.surgeon), u.protocol, u.nth desc) last
             where last.kind = 'SET'
             order by lower(last.surgeon), last.protocol
            """)
    List<Row> standing(UUID clinicId);

    @Insert("""
            insert into usual_answer (id, clinic_id, surgeon, protocol, answers, kind, set_by)
            values (#{id}, #{clinicId}, #{surgeon}, #{protocol}, #{answers}::jsonb, #{kind}, #{by})
            on conflict do nothing
            """)
    int insert(UUID id, UUID clinicId, String surgeon, String protocol, String answers, String kind, UUID by);
}
