package waypost.app.record;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface RecordMapper {

    /** Something that was signed or placed, in the clinic's time. */
    record Noted(LocalDateTime at, String who, String what, String detail, String hash) {}

    /** A reading as it was entered, whether it still stands or not. */
    record Entered(
            LocalDateTime at,
            String who,
            String measure,
            String side,
            String mode,
            BigDecimal value,
            LocalDate measuredOn,
            boolean strict,
            boolean withdrawn,
            boolean correction,
            String why) {}

    @Select("""
            select n.at at time zone #{zone} as at, a.display_name as who, n.what, n.detail, n.hash
              from (
                select signed_at as at, signed_by as account_id, wording as what, evidence as detail,
                       evidence_hash as hash
                  from signature where course_id = #{courseId}
                union all
                select placed_at, placed_by, 'Hold placed', why || ', review on ' || review_on || e'\\n' || evidence, ''
                  from hold where course_id = #{courseId}
                union all
                select written_at, written_by, 'Message to the surgeon', words || e'\\n\\nShown with it:\\n' || evidence,
                       evidence_hash
                  from surgeon_message where course_id = #{courseId}
                union all
                select entered_at, entered_by,
                       case when gravest is null then 'Checked in' else 'Checked in: ' || lower(replace(gravest, '_', ' ')) end,
                       'Pain now ' || pain_now || coalesce(', after last time ' || pain_after, '')
                           || coalesce(', next morning ' || pain_morning, '')
                           || '; swelling ' || lower(replace(swelling, '_', ' '))
                           || coalesce('; sleep ' || lower(sleep), '')
                           || case when soreness = 'NONE' then '' else '; joint sore ' || lower(replace(soreness, '_', ' ')) end
                           || coalesce('; home sessions ' || home_sessions, '')
                           || case when flags = '' then '' else e'\\nYes to: ' || flags end
                           || case when words = '' then '' else e'\\nSaid: ' || words end, ''
                  from check_in where course_id = #{courseId}
                union all
                select s.entered_at, s.entered_by, case when s.withdrawn then 'Set taken back' else 'Set' end,
                       s.role || ': ' || s.amount
                           || coalesce(', ' || trim(trailing '.' from trim(trailing '0' from s.load_amount::text)) || ' '
                                       || case s.load_unit when 'KILOGRAMS' then 'kg' when 'BAND_STEP' then 'band'
                                          else '% of maximum' end, '')
                           || ', pain ' || s.pain
                           || case s.form when 'GOOD' then '' when 'LOST' then ', form lost' else ', helped along' end
                           || case when s.asked = '' then '' else ' (asked ' || s.asked || ')' end, ''
                  from set_done s where s.course_id = #{courseId}
                union all
                select stopped_at, stopped_by, 'Exercise stopped', role || ': ' || why, ''
                  from stop where course_id = #{courseId}
                union all
                select entered_at, entered_by,
                       case when lapse <> '' then 'Precaution lapsed' when said and shown then 'Precaution taught back'
                            when said then 'Precaution said' else 'Precaution shown' end,
                       taught || case when lapse = '' then '' else ': ' || lapse end, ''
                  from teach_back where course_id = #{courseId}
                union all
                select written_at, written_by, 'Block of ' || weeks || ' weeks', 'from ' || begins_on, ''
                  from block where course_id = #{courseId}
                union all
                select c.entered_at, c.entered_by,
                       case c.kind when 'ADD' then 'Into the plan' when 'SWAP' then 'Swapped in the plan'
                                   else 'Out of the plan' end,
                       c.role || coalesce(' in place of ' || c.in_place_of, '')
                           || case when c.why = '' then '' else ', ' || c.why end, ''
                  from plan_change c join block b on b.id = c.block_id where b.course_id = #{courseId}
                union all
                select written_at, written_by, 'Note handed in for countersigning', own_words, ''
                  from visit_note where course_id = #{courseId} and signature_id is null
                union all
                select written_at, written_by, 'Worked out at the bench', words, ''
                  from note where course_id = #{courseId}
                union all
                select entered_at, entered_by,
                       case when withdrawn then 'Order withdrawn: ' || why else 'Order of ' || surgeon end,
                       words || case when withdrawn then '' else
                           ', ' || lower(kind) || ' ' || subject || ' ' || allow || ', from ' || from_on
                           || coalesce(' to ' || last_on, '')
                           || case when signed_on is null then ', by phone, read back' else ', signed ' || signed_on end
                           end, ''
                  from surgeon_order where course_id = #{courseId}
                union all
                select entered_at, entered_by,
                       case when withdrawn then 'Event taken back: ' || why else 'Event: ' || replace(clock, '-', ' ') end,
                       words || ', on ' || happened_on, ''
                  from event where course_id = #{courseId}
                union all
                select l.looked_at, l.looked_by, 'Looked after: ' || replace(e.clock, '-', ' '),
                       l.found || ', on ' || l.looked_on, ''
                  from event_looked l join event e on e.id = l.event_id where e.course_id = #{courseId}
                union all
                select entered_at, entered_by,
                       case when withdrawn then 'Narrowing taken back: ' || why else 'Narrowed: ' || why end,
                       lower(kind) || ' ' || subject || ' ' || allow || ', from ' || since || coalesce(' to ' || last_on, ''),
                       ''
                  from narrowing where course_id = #{courseId}
                union all
                select ended_at, ended_by, 'Course ended', why || ', from ' || ended_on, ''
                  from course_end where course_id = #{courseId}
                union all
                select entered_at, entered_by, 'Said, not measured: ' || criterion, said_by, ''
                  from attestation where course_id = #{courseId}
              ) n
              join account a on a.id = n.account_id
             order by n.at desc
            """)
    List<Noted> findNoted(UUID courseId, String zone);

    @Select("""
            select r.entered_at at time zone #{zone} as at, a.display_name as who, r.measure, r.side, r.mode, r.value,
                   r.measured_on, r.strict, r.withdrawn, r.replaces is not null as correction, r.why
              from reading r
              join account a on a.id = r.entered_by
             where r.course_id = #{courseId}
             order by r.nth desc
             limit 1000
            """)
    List<Entered> findEntered(UUID courseId, String zone);
}
