package waypost.app.diary;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalInt;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import waypost.core.home.SaidAtHome;

/** Rows of what patients said of their days at home. */
@Mapper
interface DiaryMapper {

    @Insert("""
            insert into home_report (id, course_id, program_id, role, done_on, slot, done, too_much, pain, flag, note,
                                     amount, received_at)
            values (#{r.id}, #{courseId}, #{r.programId}, #{r.role}, #{r.doneOn}, #{r.slot}, #{r.done}, #{r.tooMuch}, #{r.pain},
                    #{r.flag}, #{r.note}, #{amount}, #{at})
            on conflict (id) do nothing
            """)
    int insert(UUID courseId, @Param("r") HomeReport report, int amount, Instant at);

    /** What was said of the days from one on, in the order in which it came. */
    @Select("""
            select id, program_id, role, done_on, slot, done, too_much, pain, flag, note
              from home_report
             where course_id = #{courseId} and done_on >= #{from}
             order by nth
            """)
    List<HomeReport> find(UUID courseId, LocalDate from);

    /** How much was done of each exercise on a day; of a slot the last word holds. */
    @Select("""
            select role, sum(amount) as amount
              from (select distinct on (role, slot) role, slot, done, amount
                      from home_report
                     where course_id = #{courseId} and done_on = #{day} and role <> ''
                     order by role, slot, nth desc) as last
             where done
             group by role
             order by role
            """)
    List<DoneRow> findDone(UUID courseId, LocalDate day);

    /** What nobody in a clinic has looked at and may have to: all that says a sign, too much, or a pain. */
    @Select("""
            select r.course_id, p.name as patient, r.role, coalesce(l.title, '') as exercise, r.done_on, r.flag, r.too_much, r.pain,
                   h.pain_most, r.note, a.display_name as whose
              from home_report r
              join course k on k.id = r.course_id and k.clinic_id = #{clinicId}
              join patient p on p.id = k.patient_id
              join home_program h on h.id = r.program_id and h.course_id = r.course_id
              join account a on a.id = h.written_by
              left join home_line l on l.course_id = r.course_id and l.program_id = r.program_id and l.role = r.role
             where not exists (select 1 from course_end e where e.course_id = r.course_id)
               and (r.flag <> '' or r.too_much or r.pain is not null)
               and r.done_on >= #{from}
               and r.nth > coalesce((select max(s.up_to) from home_seen s where s.course_id = r.course_id), 0)
             order by (r.flag <> '') desc, r.course_id, r.nth
             limit 2000
            """)
    List<AlarmRow> findAlarms(UUID clinicId, LocalDate from);

    /** Who has a daily program on a telephone, with the last day on which anything was ticked. */
    @Select("""
            select h.course_id, p.name as patient, a.display_name as whose,
                   coalesce((select max(r.done_on) from home_report r where r.course_id = h.course_id and r.done),
                            h.starts_on) as last_on
              from home_program h
              join course k on k.id = h.course_id and k.clinic_id = #{clinicId}
              join patient p on p.id = k.patient_id
              join account a on a.id = h.written_by
             where not exists (select 1 from course_end e where e.course_id = h.course_id)
               and h.nth = (select max(o.nth) from home_program o where o.course_id = h.course_id)
               and #{today} between h.starts_on and h.ends_on
               and exists (select 1 from home_session s where s.course_id = h.course_id)
               and exists (select 1 from home_line l
                            where l.course_id = h.course_id and l.program_id = h.id and l.days = '')
               and not exists (select 1 from home_seen s where s.course_id = h.course_id and s.seen_on = #{today})
             order by p.name
             limit 2000
            """)
    List<PhoneRow> findOnPhones(UUID clinicId, LocalDate today);

    @Insert("""
            insert into home_seen (course_id, up_to, seen_on, seen_by, seen_at)
            select #{courseId}, coalesce(max(r.nth), 0), #{today}, #{by}, #{at} from home_report r where r.course_id = #{courseId}
            """)
    int insertSeen(UUID courseId, LocalDate today, UUID by, Instant at);

    /**
     * Something that waits.
     *
     * @param painMost what the protocol lets
     * @param whose who wrote the program
     */
    record AlarmRow(
            UUID courseId,
            String patient,
            String role,
            String exercise,
            LocalDate doneOn,
            String flag,
            boolean tooMuch,
            @Nullable Integer pain,
            int painMost,
            String note,
            String whose) {

        SaidAtHome said() {
            return new SaidAtHome(
                    role, doneOn, tooMuch, pain == null ? OptionalInt.empty() : OptionalInt.of(pain), flag);
        }
    }

    /** So much of an exercise, as its sets count. */
    record DoneRow(String role, int amount) {}

    /** Who may have gone quiet. */
    record PhoneRow(UUID courseId, String patient, String whose, LocalDate lastOn) {}
}
