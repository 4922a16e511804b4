package waypost.app.report;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Rows of reports and answers. */
@Mapper
interface ReportMapper {

    @Insert("""
            insert into progress_report (id, course_id, reported_on, words, asked, signature_id, written_by, written_at)
            values (#{id}, #{courseId}, #{on}, #{words}, #{asked}, #{signatureId}, #{by}, #{at})
            """)
    int insert(UUID id, UUID courseId, LocalDate on, String words, String asked, UUID signatureId, UUID by, Instant at);

    @Insert("""
            insert into report_answer (report_id, words, answered_by, answered_at)
            values (#{reportId}, #{words}, #{by}, #{at})
            on conflict (report_id) do nothing
            """)
    int answer(UUID reportId, String words, UUID by, Instant at);

    @Select("""
            select r.id, r.course_id, r.reported_on, r.words, r.asked, w.display_name as written_by,
                   a.words as answer, who.display_name as answered_by,
                   (a.answered_at at time zone #{zone})::date as answered_on
              from progress_report r
              join account w on w.id = r.written_by
              left join report_answer a on a.report_id = r.id
              left join account who on who.id = a.answered_by
             where r.course_id = #{courseId}
             order by r.reported_on desc, r.written_at desc
            """)
    List<Report> find(UUID courseId, String zone);

    /** Reports of a surgeon's patients that were not answered yet. */
    @Select("""
            select r.id, r.course_id, p.name as patient, r.reported_on, r.asked
              from progress_report r
              join course c on c.id = r.course_id
              join patient p on p.id = c.patient_id
              join statement s on s.course_id = c.id
               and not exists (select 1 from statement later where later.replaces = s.id)
             where c.clinic_id = #{clinicId}
               and lower(s.surgeon) = lower(#{surgeon})
               and not exists (select 1 from report_answer a where a.report_id = r.id)
             order by r.reported_on
             limit 50
            """)
    List<Waiting> waiting(UUID clinicId, String surgeon);

    /** A report that waits for its surgeon. */
    record Waiting(UUID id, UUID courseId, String patient, LocalDate reportedOn, String asked) {}
}
