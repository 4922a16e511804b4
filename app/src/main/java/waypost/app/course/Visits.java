package waypost.app.course;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;
import waypost.app.account.Staff;
import waypost.app.map.Visit;

/** When a patient came, did not come, and is booked to come. */
@Service
public class Visits {

    private final VisitMapper mapper;

    Visits(VisitMapper mapper) {
        this.mapper = mapper;
    }

    /** The visits of a course, oldest first. */
    List<Visit> of(Staff staff, UUID courseId) {
        return mapper.find(staff.clinicId(), courseId, staff.zone());
    }

    /** The last visit before a day. */
    static Optional<LocalDate> lastBefore(List<Visit> visits, LocalDate day) {
        return visits.stream()
                .filter(visit -> visit.kind() == Visit.Kind.CAME && visit.on().isBefore(day))
                .map(Visit::on)
                .reduce((earlier, later) -> later);
    }

    @Mapper
    interface VisitMapper {

        @Select("""
                select (starts_at at time zone #{zone})::date as "on",
                       case state when 'BOOKED' then 'BOOKED' when 'NO_SHOW' then 'MISSED' else 'CAME' end as kind
                  from appointment
                 where clinic_id = #{clinicId} and course_id = #{courseId} and state <> 'CANCELLED'
                 order by starts_at
                """)
        List<Visit> find(UUID clinicId, UUID courseId, String zone);
    }
}
