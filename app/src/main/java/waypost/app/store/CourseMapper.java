package waypost.app.store;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface CourseMapper {

    /** The named courses as far as they are the clinic's, with every other course of their patients. */
    @Select("""
            select c.id, c.clinic_id, c.patient_id, coalesce(v.bundle_hash, c.bundle_hash) as bundle_hash, c.protocol_id,
                   p.name as patient_name, p.number as patient_number, p.birth_date,
                   s.id as statement_id, s.operation, s.day_zero, s.side, s.surgeon, s.answers::text as answers,
                   c.revises, e.ended_on, r.last_reading, r.readings, o.own_exercises
              from course c
             cross join lateral (select max(nth) as last_reading, count(*) as readings
                                   from reading where course_id = c.id) r
             cross join (select max(own.nth) || '.' || count(gone.id) as own_exercises
                           from own_exercise own
                           left join own_exercise_retired gone on gone.clinic_id = own.clinic_id and gone.id = own.id
                          where own.clinic_id = #{clinicId}) o
              join patient p on p.id = c.patient_id
              join statement s on s.course_id = c.id
              left join course_end e on e.course_id = c.id
              left join lateral (select bundle_hash from course_version where course_id = c.id
                                  order by nth desc limit 1) v on true
             where c.clinic_id = #{clinicId}
               and c.patient_id in (select patient_id from course where id = any (#{ids}) and clinic_id = #{clinicId})
               and not exists (select 1 from statement later where later.replaces = s.id)
             order by s.day_zero, c.id
            """)
    List<CourseRow> findCourses(UUID clinicId, UUID[] ids);

    /** The day of a reading is counted from {@link ReadingSeries#FIRST}. */
    @Select("""
            select g.course_id, g.measure, g.side, g.mode, g.strict,
                   case when g.rater = '' then a.display_name else g.rater end as rater, g.tool, g.position,
                   g.days, g.amounts, g.nths
              from (select r.course_id, r.measure, r.side, r.mode, r.strict, r.entered_by, r.rater, r.tool, r.position,
                           array_agg(r.measured_on - date '2000-01-01') as days,
                           array_agg(r.value::float8) as amounts,
                           array_agg(r.nth) as nths
                      from reading r
                     where r.course_id = any (#{ids})
                       and not r.withdrawn
                       and not exists (select 1 from reading later
                                        where later.replaces = r.id and later.replaces is not null)
                     group by r.course_id, r.measure, r.side, r.mode, r.strict, r.entered_by, r.rater, r.tool,
                              r.position) g
              join account a on a.id = g.entered_by
            """)
    List<ReadingSeries> findReadings(UUID[] ids);

    @Select("select course_id, phase, from_date from advance where course_id = any (#{ids})")
    List<AdvanceRow> findAdvances(UUID[] ids);

    @Select("""
            select h.id, h.course_id, h.kind, h.why, h.from_date, h.review_on, e.ended_on, a.display_name as placed_by
              from hold h
              join account a on a.id = h.placed_by
              left join hold_end e on e.hold_id = h.id
             where h.course_id = any (#{ids})
             order by h.placed_at
            """)
    List<HoldRow> findHolds(UUID[] ids);

    @Select("""
            select course_id, criterion, attested_on, said_by
              from attestation
             where course_id = any (#{ids})
             order by attested_on, entered_at
            """)
    List<AttestationRow> findAttestations(UUID[] ids);

    @Select("""
            select o.id, o.course_id, o.words, o.surgeon, o.kind, o.subject, o.allow, o.given_on, o.from_on, o.last_on,
                   o.signed_on, a.display_name as entered_by
              from surgeon_order o
              join account a on a.id = o.entered_by
             where o.course_id = any (#{ids})
               and not o.withdrawn
               and not exists (select 1 from surgeon_order later where later.replaces = o.id)
             order by o.given_on, o.entered_at
            """)
    List<OrderRow> findOrders(UUID[] ids);

    @Select("""
            select e.id, e.course_id, e.clock, e.happened_on, e.words, a.display_name as entered_by, l.looked_on, l.found,
                   b.display_name as looked_by
              from event e
              join account a on a.id = e.entered_by
              left join event_looked l on l.event_id = e.id
              left join account b on b.id = l.looked_by
             where e.course_id = any (#{ids})
               and not e.withdrawn
               and not exists (select 1 from event later where later.replaces = e.id)
             order by e.happened_on, e.entered_at
            """)
    List<EventRow> findEvents(UUID[] ids);

    @Select("""
            select n.id, n.course_id, n.why, n.kind, n.subject, n.allow, n.since, n.last_on,
                   a.display_name as entered_by
              from narrowing n
              join account a on a.id = n.entered_by
             where n.course_id = any (#{ids})
               and not n.withdrawn
               and not exists (select 1 from narrowing later where later.replaces = n.id)
             order by n.since, n.entered_at
            """)
    List<NarrowingRow> findNarrowings(UUID[] ids);
}
