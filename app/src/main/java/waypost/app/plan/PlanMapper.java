package waypost.app.plan;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

@Mapper
interface PlanMapper {

    @Select("""
            select b.id, b.begins_on, b.weeks, b.days, a.display_name as written_by
              from block b
              join account a on a.id = b.written_by
             where b.course_id = #{courseId}
             order by b.nth desc
             limit 1
            """)
    Optional<Block> findLatest(UUID courseId);

    @Select("""
            select id, kind, role, in_place_of, why
              from plan_change
             where block_id = #{blockId}
             order by nth
            """)
    List<PlanChange> findChanges(UUID blockId);

    @Insert("""
            insert into block (id, course_id, begins_on, weeks, days, written_by, written_at)
            values (#{id}, #{courseId}, #{wanted.beginsOn}, #{wanted.weeks}, #{wanted.days}, #{by}, #{at})
            on conflict (id) do nothing
            """)
    int insertBlock(UUID id, UUID courseId, @Param("wanted") NewBlock wanted, UUID by, Instant at);

    @Insert("""
            insert into plan_change (id, block_id, kind, role, in_place_of, why, entered_by, entered_at)
            values (#{change.id}, #{blockId}, #{change.kind}, #{change.role}, #{change.inPlaceOf}, #{change.why}, #{by},
                    #{at})
            on conflict (id) do nothing
            """)
    int insertChange(UUID blockId, PlanChange change, UUID by, Instant at);
}
