package waypost.app.sport;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import waypost.core.sport.SportGoal;

/** Rows of what is trained for. */
@Mapper
interface SportMapper {

    /** A row as it is kept. */
    record Kept(String name, LocalDate eventOn, int rise, int load) {
        SportGoal goal() {
            return new SportGoal(name, eventOn, rise, load);
        }
    }

    @Insert("""
            insert into sport_goal (id, course_id, name, event_on, rise, load, entered_by, entered_at)
            values (#{id}, #{courseId}, #{name}, #{eventOn}, #{rise}, #{load}, #{by}, #{at})
            on conflict (id) do nothing
            """)
    int insert(UUID id, UUID courseId, String name, LocalDate eventOn, int rise, int load, UUID by, Instant at);

    @Select("""
            select name, event_on, rise, load
              from sport_goal
             where course_id = #{courseId}
             order by nth desc
             limit 1
            """)
    Optional<Kept> findLast(UUID courseId);
}
