package waypost.app.treatment;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Rows of treatments by hand. */
@Mapper
interface TreatmentMapper {

    /** A row to be written. */
    record Row(
            UUID id,
            UUID courseId,
            LocalDate on,
            String measure,
            String technique,
            String structure,
            int minutes,
            double before,
            double after,
            String heldBy,
            String objection,
            String despite,
            UUID by,
            Instant at) {}

    /** A row as it is kept. */
    record Kept(
            LocalDate treatedOn,
            String measure,
            String technique,
            String structure,
            int minutes,
            double beforeDegrees,
            double afterDegrees,
            String heldBy,
            String objection,
            String despite,
            String by) {}

    @Insert("""
            insert into hand_treatment (id, course_id, treated_on, measure, technique, structure, minutes, before_degrees,
                                        after_degrees, held_by, objection, despite, entered_by, entered_at)
            values (#{row.id}, #{row.courseId}, #{row.on}, #{row.measure}, #{row.technique}, #{row.structure},
                    #{row.minutes}, #{row.before}, #{row.after}, #{row.heldBy}, #{row.objection}, #{row.despite},
                    #{row.by}, #{row.at})
            on conflict (id) do nothing
            """)
    int insert(@Param("row") Row row);

    @Select("""
            select t.treated_on, t.measure, t.technique, t.structure, t.minutes, t.before_degrees, t.after_degrees,
                   t.held_by, t.objection, t.despite, a.display_name as "by"
              from hand_treatment t
              join account a on a.id = t.entered_by
             where t.course_id = #{courseId}
             order by t.nth desc
            """)
    List<Kept> find(UUID courseId);
}
