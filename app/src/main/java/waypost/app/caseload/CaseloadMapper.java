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
            ), been as (
                select course_id,
                       max(day) filter (where day <= #{today}) as last,
                       count(*) filter (where day between #{today} - 13 and #{today}) as lately
                  from came
                 group by course_id
            ), booked as (
                select a.course_id, min((a.starts_at at time zone #{zone})::date) as next
                  from appointment a
                 where a.course_id = any (#{courseIds}) and a.state in ('BOOKED', 'ARRIVED')
                   and (a.starts_at at time zone #{zone})::date >= #{today}
                 group by a.course_id
            ), told as (
                select r.course_id, max(r.reported_on) as reported
                  from progress_report r
                 where r.course_id = any (#{courseIds})
                 group by r.course_id
            )
            select c.id as course_id, been.last, coalesce(been.lately, 0) as lately, booked.next, told.reported
              from course c
              left join been on been.course_id = c.id
              left join booked on booked.course_id = c.id
              left join told on told.course_id = c.id
             where c.id = any (#{courseIds})
            """)
    List<SeenRow> seen(UUID[] courseIds, LocalDate today, String zone);
}
