package waypost.app.caseload;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Which courses run, and when they were seen. */
@Mapper
interface CaseloadMapper {

    /** The visits of a course. */
    record SeenRow(
            UUID courseId,
            @Nullable LocalDate last,
            int lately,
            @Nullable LocalDate next,
            @Nullable LocalDate reported) {}

    /** Courses that run, of one surgeon or of all where none is named. */
    @Select("""
            select c.id
              from course c
              join statement s on s.course_id = c.id
               and not exists (select 1 from statement later where later.replaces = s.id)
             where c.clinic_id = #{clinicId}
               and not exists (select 1 from course_end e where e.course_id = c.id and e.ended_on <= #{today})
               and (#{surgeon} = '' or lower(s.surgeon) = lower(#{surgeon}))
             order by s.day_zero, c.id
            """)
    List<UUID> running(UUID clinicId, LocalDate today, String surgeon);

    @Select("""
            select distinct s.surgeon
              from course c
              join statement s on s.course_id = c.id
               and not exists (select 1 from statement later where later.replaces = s.id)
             where c.clinic_id = #{clinicId}
             order by s.surgeon
            """)
    List<String> surgeons(UUID clinicId);

    @Select("""
            with came as (
                select v.course_id, v.visited_on as day
                  from visit v
                 where v.course_id = any (#{courseIds})
                union
                select a.course_id, (a.starts_at at time zone #{zone})::date
                  from appointment a
                 where a.course_id = any (#{courseIds}) and a.state in ('ARRIVED', 'DONE')
            )
            select c.id as course_id,
                   (select max(day) from came where came.course_id = c.id and day <= #{today}) as last,
                   (select count(*) from came
                     where came.course_id = c.id and day between #{today} - 13 and #{today}) as lately,
                   (select min((a.starts_at at time zone #{zone})::date) from appointment a
                     where a.course_id = c.id and a.state in ('BOOKED', 'ARRIVED')
                       and (a.starts_at at time zone #{zone})::date >= #{today}) as next,
                   (select max(r.reported_on) from progress_report r where r.course_id = c.id) as reported
              from course c
             where c.id = any (#{courseIds})
            """)
    List<SeenRow> seen(UUID[] courseIds, LocalDate today, String zone);
}
