package waypost.app.course;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface RecordMapper {

    /** Something that happened, in the clinic's time. */
    record Happened(LocalDateTime at, String who, String what, String detail, String hash) {}

    @Select("""
            select h.at at time zone #{zone} as at, a.display_name as who, h.what, h.detail, h.hash
              from (
                select signed_at as at, signed_by as account_id, wording as what, evidence as detail,
                       evidence_hash as hash
                  from signature where course_id = #{courseId}
                union all
                select entered_at, entered_by,
                       case when withdrawn then 'Reading withdrawn'
                            when replaces is not null then 'Reading corrected'
                            else 'Reading' end,
                       measure || ' ' || lower(side) || ' ' || lower(mode) || ' ' || value || ' on ' || measured_on
                         || case when strict then '' else ' (compensated)' end
                         || case when why = '' then '' else ': ' || why end, ''
                  from reading where course_id = #{courseId}
                union all
                select placed_at, placed_by, 'Hold placed', why || ', review on ' || review_on, ''
                  from hold where course_id = #{courseId}
              ) h
              join account a on a.id = h.account_id
             order by h.at desc
             limit 500
            """)
    List<Happened> find(UUID courseId, String zone);
}
