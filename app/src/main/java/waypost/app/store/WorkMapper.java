package waypost.app.store;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface WorkMapper {

    /** A role that was done on a day. */
    record WorkDay(UUID courseId, LocalDate doneOn, String role) {}

    @Select("""
            select distinct s.course_id, s.done_on, s.role
              from set_done s
             where s.course_id = any (#{ids})
               and not s.withdrawn
               and not exists (select 1 from set_done later where later.replaces = s.id)
             order by s.done_on, s.role
            """)
    List<WorkDay> findWorkDays(UUID[] ids);

    @Select("""
            select course_id, checked_on, pain_now, pain_after, pain_morning, swelling, soreness, flag_ids
              from check_in
             where course_id = any (#{ids})
             order by checked_on, entered_at, id
            """)
    List<AnswerRow> findAnswers(UUID[] ids);

    /** The rows of a course written after one of them, in the order written; with none, one row that only counts. */
    @Select("""
            select t.rows, s.nth, s.replaces, s.withdrawn, s.device, s.device_nth,
                   s.id, s.done_on, s.role, s.amount, s.load_amount, s.load_unit, s.set_up, s.pain, s.form, s.effort,
                   s.faults, s.asked, s.done_at, a.display_name as entered_by
              from (select count(*) as rows from set_done where course_id = #{courseId}) t
              left join set_done s on s.course_id = #{courseId} and s.nth > #{after}
              left join account a on a.id = s.entered_by
             order by s.nth
            """)
    List<WrittenSet> findSetsAfter(UUID courseId, long after);
}
