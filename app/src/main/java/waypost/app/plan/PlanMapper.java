package waypost.app.plan;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface PlanMapper {

    /** Every block of a course in the order written, once for each of its changes in order, or once without one. */
    @Select("""
            select b.id as block_id, b.begins_on, b.weeks, b.days, b.proposed, a.display_name as written_by,
                   c.id as change_id, c.kind, c.role, c.in_place_of, c.meant_from, c.weekdays, c.why
              from block b
              join account a on a.id = b.written_by
              left join plan_change c on c.block_id = b.id
             where b.course_id = #{courseId}
             order by b.nth, c.nth
            """)
    List<PlanRow> findAll(UUID courseId);

    @Insert("""
            insert into block (id, course_id, replaces, begins_on, weeks, days, proposed, written_by, written_at)
            values (#{id}, #{courseId}, #{replaces}, #{wanted.beginsOn}, #{wanted.weeks}, #{wanted.days}, #{proposed},
                    #{by}, #{at})
            on conflict (id) do nothing
            """)
    int insertBlock(
            UUID id,
            UUID courseId,
            @Nullable UUID replaces,
            @Param("wanted") NewBlock wanted,
            boolean proposed,
            UUID by,
            Instant at);

    /** One plan is changed by one person at a time, until the transaction ends. */
    @Select("select 1 from (select pg_advisory_xact_lock(hashtext('waypost.plan'), hashtext(#{courseId}::text))) held")
    int lock(UUID courseId);

    @Select("select exists (select 1 from plan_change where id = #{id})")
    boolean isChanged(UUID id);

    @Select("select exists (select 1 from block where id = #{id})")
    boolean isWritten(UUID id);

    @Insert("""
            insert into plan_change (id, block_id, kind, role, in_place_of, meant_from, weekdays, why, entered_by, entered_at)
            values (#{change.id}, #{blockId}, #{change.kind}, #{change.role}, #{change.inPlaceOf}, #{change.meantFrom},
                    #{change.weekdays}, #{change.why}, #{by}, #{at})
            on conflict (id) do nothing
            """)
    int insertChange(UUID blockId, PlanChange change, UUID by, Instant at);
}
