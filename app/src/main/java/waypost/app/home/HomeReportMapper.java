package waypost.app.home;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Rows of what patients said of their days at home. */
@Mapper
interface HomeReportMapper {

    @Insert("""
            insert into home_report (id, course_id, program_id, role, done_on, slot, done, too_much, pain, flag, note,
                                     received_at)
            values (#{r.id}, #{courseId}, #{r.programId}, #{r.role}, #{r.doneOn}, #{r.slot}, #{r.done}, #{r.tooMuch}, #{r.pain},
                    #{r.flag}, #{r.note}, #{at})
            on conflict (id) do nothing
            """)
    int insert(UUID courseId, @Param("r") HomeReport report, Instant at);

    /** What was said of the days from one on, in the order in which it came. */
    @Select("""
            select id, program_id, role, done_on, slot, done, too_much, pain, flag, note
              from home_report
             where course_id = #{courseId} and done_on >= #{from}
             order by nth
            """)
    List<HomeReport> find(UUID courseId, LocalDate from);
}
