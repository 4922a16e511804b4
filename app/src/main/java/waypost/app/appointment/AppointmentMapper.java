package waypost.app.appointment;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface AppointmentMapper {

    @Select("""
            select a.id, a.course_id, a.starts_at at time zone #{zone} as starts_at, a.state, a.walk_in, a.version,
                   (select max((b.starts_at at time zone #{zone})::date) from appointment b
                     where b.course_id = a.course_id and b.starts_at < a.starts_at
                       and b.state in ('ARRIVED', 'DONE')) as before
              from appointment a
             where a.clinic_id = #{clinicId}
               and a.starts_at >= #{day}::date::timestamp at time zone #{zone}
               and a.starts_at < (#{day}::date + 1)::timestamp at time zone #{zone}
             order by a.starts_at, a.id
            """)
    List<AppointmentRow> findDay(UUID clinicId, LocalDate day, String zone);

    /** When visits of a course are booked, from a moment on. */
    @Select("""
            select starts_at from appointment
             where clinic_id = #{clinicId} and course_id = #{courseId} and state = 'BOOKED' and starts_at >= #{from}
             order by starts_at
            """)
    List<Instant> findBooked(UUID clinicId, UUID courseId, Instant from);

    @Select("""
            select a.id, a.course_id, a.starts_at at time zone #{zone} as starts_at, a.state, a.walk_in, a.version,
                   null::date as before
              from appointment a
             where a.clinic_id = #{clinicId} and a.id = #{id}
            """)
    Optional<AppointmentRow> find(UUID clinicId, UUID id, String zone);

    @Insert("""
            insert into appointment (id, clinic_id, course_id, starts_at, state, walk_in, changed_by)
            values (#{id}, #{clinicId}, #{courseId}, #{startsAt} at time zone #{zone}, #{state}, #{walkIn}, #{by})
            on conflict (id) do nothing
            """)
    int insert(
            UUID id,
            UUID clinicId,
            UUID courseId,
            LocalDateTime startsAt,
            String zone,
            AppointmentState state,
            boolean walkIn,
            UUID by);

    @Update("""
            update appointment
               set starts_at = #{startsAt} at time zone #{zone}, state = #{state}, version = version + 1,
                   changed_by = #{by}, changed_at = now()
             where id = #{id} and clinic_id = #{clinicId} and version = #{version}
            """)
    int update(
            UUID id, UUID clinicId, LocalDateTime startsAt, String zone, AppointmentState state, int version, UUID by);

    @Select("select closed_days from clinic where id = #{clinicId}")
    String closedDays(UUID clinicId);
}
