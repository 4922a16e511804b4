package waypost.app.otherside;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Rows of what the other side did. */
@Mapper
interface OtherSideMapper {

    /** A row to be written. */
    record Row(
            UUID id,
            UUID courseId,
            LocalDate on,
            String role,
            int sets,
            int amount,
            String load,
            int pain,
            String despite,
            UUID by,
            Instant at) {}

    /** A row as it is kept. */
    record Kept(
            LocalDate doneOn, String role, int sets, int amount, String load, int pain, String despite, String by) {}

    @Insert("""
            insert into other_side_done (id, course_id, done_on, role, sets, amount, load, pain, despite, entered_by, entered_at)
            values (#{row.id}, #{row.courseId}, #{row.on}, #{row.role}, #{row.sets}, #{row.amount}, #{row.load}, #{row.pain},
                    #{row.despite}, #{row.by}, #{row.at})
            on conflict (id) do nothing
            """)
    int insert(@Param("row") Row row);

    @Select("""
            select d.done_on, d.role, d.sets, d.amount, d.load, d.pain, d.despite, a.display_name as "by"
              from other_side_done d
              join account a on a.id = d.entered_by
             where d.course_id = #{courseId}
             order by d.nth desc
             limit 100
            """)
    List<Kept> find(UUID courseId);
}
