package waypost.app.prescription;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Rows of which programs are followed. */
@Mapper
interface ProgramMapper {

    @Insert("""
            insert into program_followed (id, course_id, program, follows, entered_by, entered_at)
            values (#{id}, #{courseId}, #{program}, #{follows}, #{by}, #{at})
            on conflict (id) do nothing
            """)
    int insert(UUID id, UUID courseId, String program, boolean follows, UUID by, Instant at);

    @Select("""
            select program
              from (select distinct on (program) program, follows, nth
                      from program_followed
                     where course_id = #{courseId}
                     order by program, nth desc) last
             where follows
             order by nth
            """)
    List<String> find(UUID courseId);
}
