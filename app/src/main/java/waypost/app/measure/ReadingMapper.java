package waypost.app.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface ReadingMapper {

    String KEPT = """
            select r.id, r.measure, r.side, r.mode, r.value, r.measured_on, r.strict,
                   case when r.rater = '' then a.display_name else r.rater end as rater, r.entered_by, r.entered_at,
                   r.tool, r.position, r.pain, r.end_feel, r.working, r.source
              from reading r
              join account a on a.id = r.entered_by
             where r.course_id = #{courseId}
               and not r.withdrawn
               and not exists (select 1 from reading later where later.replaces = r.id
                                 and later.replaces is not null)
            """;

    @Insert("""
            insert into reading (id, course_id, replaces, withdrawn, why, measure, side, mode, value, measured_on,
                                 strict, entered_by, entered_at, rater, tool, position, pain, end_feel, working, source)
            values (#{id}, #{courseId}, #{replaces}, #{withdrawn}, #{why}, #{measure}, #{side}, #{mode}, #{value},
                    #{measuredOn}, #{strict}, #{enteredBy}, #{enteredAt}, #{how.rater}, #{how.tool}, #{how.position},
                    #{how.pain}, #{how.endFeel}, #{how.working}, #{how.source})
            on conflict (id) do nothing
            """)
    int insert(NewReading reading);

    @Select(KEPT + " and r.id = #{id}")
    Optional<KeptReading> find(UUID courseId, UUID id);

    /** The latest of each measure, side and mode, compensated ones included. */
    @Select(KEPT + """
             and r.nth in (select l.nth
                             from (select distinct measure, side, mode from reading where course_id = #{courseId}) kind
                            cross join lateral
                                  (select l.nth
                                     from reading l
                                    where l.course_id = #{courseId}
                                      and l.measure = kind.measure
                                      and l.side = kind.side
                                      and l.mode = kind.mode
                                      and not l.withdrawn
                                      and not exists (select 1 from reading later
                                                       where later.replaces = l.id and later.replaces is not null)
                                    order by l.measured_on desc, l.nth desc
                                    limit 1) l)
            """)
    List<KeptReading> findLatest(UUID courseId);

    /** The latest first, from the one behind {@code before} on, or from the newest where that is null. */
    @Select(KEPT + """
             and (cast(#{before} as uuid) is null
                  or (r.measured_on, r.nth) < (select b.measured_on, b.nth from reading b
                                                where b.id = #{before} and b.course_id = #{courseId}))
             order by r.measured_on desc, r.nth desc
             limit #{most}
            """)
    List<KeptReading> findBefore(UUID courseId, @Nullable UUID before, int most);

    /** Everything, oldest first. */
    @Select(KEPT + " order by r.measured_on, r.nth")
    List<KeptReading> findAll(UUID courseId);

    /** Those of these ids that are on record, standing or not. */
    @Select("select id from reading where course_id = #{courseId} and id = any (#{ids})")
    List<UUID> findKnown(UUID courseId, UUID[] ids);

    /** What is on record under an id, standing or not. */
    @Select("select count(*) from reading where id = #{id}")
    int count(UUID id);
}
