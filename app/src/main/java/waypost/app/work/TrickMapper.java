package waypost.app.work;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Rows of what works for a patient. */
@Mapper
interface TrickMapper {

    /** The words that hold for a role. */
    record Kept(String role, String words, String by) {}

    @Select("""
            select distinct on (t.role) t.role, t.words, a.display_name as "by"
              from trick t
              join account a on a.id = t.entered_by
             where t.course_id = #{courseId}
             order by t.role, t.nth desc
            """)
    List<Kept> find(UUID courseId);

    @Insert("""
            insert into trick (id, course_id, role, words, entered_by, entered_at)
            values (#{id}, #{courseId}, #{role}, #{words}, #{by}, #{at})
            on conflict (id) do nothing
            """)
    int insert(UUID id, UUID courseId, String role, String words, UUID by, Instant at);
}
