package waypost.app.plan;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

@Mapper
interface PlanMapper {

    /** The latest block of a course, once for each of its changes in order, or once without one. */
    @Select("""
            select b.id as block_id, b.begins_on, b.weeks, b.days, a.display_name as written_by,
                   c.id as change_id, c.kind, c.role, c.in_place_of, c.why
              from block b
              join account a on a.id = b.written_by
              left join plan_change c on c.block_id = b.id
             where b.course_id = #{courseId}
               and not exists (select 1 from block later where later.course_id = b.course_id and later.nth > b.nth)
             order by c.nth
            """)
    List<PlanRow> findLatest(UUID courseId);

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
