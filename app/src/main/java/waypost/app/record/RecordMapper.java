package waypost.app.record;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface RecordMapper {

    /**
     * Something that was written, in the clinic's time; what it says is as it is stored.
     *
     * @param moment when, in microseconds since 1970
     * @param key tells apart what was written in the same moment
     * @param said what {@code kind} reads in its order; absent parts are null
     */
    record Written(LocalDateTime at, long moment, String key, String who, Entry kind, String[] said) {}

    /** What was written before a place in the record, the newest first. */
    @Select("""
            select n.at at time zone #{zone} as at, (extract(epoch from n.at) * 1000000)::bigint as moment, n.key,
                   a.display_name as who, n.kind, n.said
              from (
                select * from (
                  select signed_at as at, id::text as key, signed_by as account_id, 'SIGNED' as kind,
                         array[wording, evidence, evidence_hash] as said
                    from signature where course_id = #{courseId}
                  union all
                  select placed_at, id::text, placed_by, 'HOLD', array[why, review_on::text, evidence]
                    from hold where course_id = #{courseId}
                  union all
                  select written_at, id::text, written_by, 'MESSAGE', array[words, evidence, evidence_hash]
                    from surgeon_message where course_id = #{courseId}
                  union all
                  select entered_at, id::text, entered_by, 'CHECK_IN',
                         array[gravest, pain_now::text, pain_after::text, pain_morning::text, swelling, sleep, soreness,
                               home_sessions::text, flags, words]
                    from check_in where course_id = #{courseId}
                  union all
                  select entered_at, id::text, entered_by, 'SET',
                         array[withdrawn::text, role, amount::text, load_amount::text, load_unit, pain::text, form, asked, set_up]
                    from set_done where course_id = #{courseId}
                  union all
                  select stopped_at, id::text, stopped_by, 'STOP', array[role, why]
                    from stop where course_id = #{courseId}
                  union all
                  select entered_at, id::text, entered_by, 'TEACH_BACK', array[taught, lapse, said::text, shown::text]
                    from teach_back where course_id = #{courseId}
                  union all
                  select entered_at, id::text, entered_by, 'HAND_TREATMENT',
                         array[measure, technique, structure, minutes::text, before_degrees::text, after_degrees::text,
                               held_by, objection, despite]
                    from hand_treatment where course_id = #{courseId}
                  union all
                  select entered_at, id::text, entered_by, 'MOVEMENT',
                         array[movement, seen, pain_most::text, pain_from::text, words]
                    from movement_watched where course_id = #{courseId}
                  union all
                  select entered_at, id::text, entered_by, 'TRICK', array[role, words]
                    from trick where course_id = #{courseId}
                  union all
                  select entered_at, id::text, entered_by, 'OTHER_SIDE',
                         array[role, sets::text, amount::text, load, pain::text, despite]
                    from other_side_done where course_id = #{courseId}
                  union all
                  select entered_at, id::text, entered_by, 'SPORT_GOAL',
                         array[name, event_on::text, load::text, rise::text]
                    from sport_goal where course_id = #{courseId}
                  union all
                  select written_at, id::text, written_by, 'BLOCK', array[weeks::text, begins_on::text]
                    from block where course_id = #{courseId}
                  union all
                  select c.entered_at, c.id::text, c.entered_by, 'PLAN_CHANGE', array[c.kind, c.role, c.in_place_of, c.why, c.weekdays]
                    from plan_change c join block b on b.id = c.block_id where b.course_id = #{courseId}
                  union all
                  select written_at, id::text, written_by, 'PRESCRIPTION',
                         array[ended::text, role, sets::text, aim, load_amount::text, load_unit, set_up, tempo,
                               rest_seconds::text, side, often, pain_most::text, rule, words]
                    from prescription where course_id = #{courseId}
                  union all
                  select written_at, id::text, written_by, 'HANDED_IN', array[own_words]
                    from visit_note where course_id = #{courseId} and signature_id is null
                  union all
                  select written_at, id::text, written_by, 'BENCH', array[words]
                    from note where course_id = #{courseId}
                  union all
                  select entered_at, id::text, entered_by, 'ORDER',
                         array[withdrawn::text, why, surgeon, words, kind, subject, allow, from_on::text, last_on::text,
                               signed_on::text]
                    from surgeon_order where course_id = #{courseId}
                  union all
                  select entered_at, id::text, entered_by, 'EVENT', array[withdrawn::text, why, clock, words, happened_on::text]
                    from event where course_id = #{courseId}
                  union all
                  select l.looked_at, l.event_id::text, l.looked_by, 'LOOKED_AFTER', array[e.clock, l.found, l.looked_on::text]
                    from event_looked l join event e on e.id = l.event_id where e.course_id = #{courseId}
                  union all
                  select entered_at, id::text, entered_by, 'NARROWING',
                         array[withdrawn::text, why, kind, subject, allow, since::text, last_on::text]
                    from narrowing where course_id = #{courseId}
                  union all
                  select ended_at, course_id::text, ended_by, 'ENDED', array[why, ended_on::text]
                    from course_end where course_id = #{courseId}
                  union all
                  select entered_at, id::text, entered_by, 'ATTESTATION', array[criterion, said_by]
                    from attestation where course_id = #{courseId}
                  union all
                  select entered_at, id::text, entered_by, 'READING',
                         array[measure, value::text, side, mode, measured_on::text, strict::text, withdrawn::text,
                               (replaces is not null)::text, why]
                    from reading where course_id = #{courseId}
                ) everything
                 where (extract(epoch from at) * 1000000)::bigint <= #{before.moment}
                   and ((extract(epoch from at) * 1000000)::bigint < #{before.moment} or key < #{before.key} collate "C")
                 order by at desc, key collate "C" desc
                 limit #{most}
              ) n
              join account a on a.id = n.account_id
             order by n.at desc, n.key collate "C" desc
            """)
    List<Written> findWritten(UUID courseId, String zone, Place before, int most);
}
