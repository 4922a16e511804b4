package waypost.app.finder;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;
import waypost.app.account.Staff;
import waypost.app.audit.ReadLog;
import waypost.app.entry.Containing;

/** Finds courses of a clinic by their patient's name or number. */
@Service
public class PatientFinder {

    private final PatientMapper mapper;
    private final ReadLog readLog;

    PatientFinder(PatientMapper mapper, ReadLog readLog) {
        this.mapper = mapper;
        this.readLog = readLog;
    }

    /** A course that was found. */
    public record Found(UUID id, String patient, String number, LocalDate birthDate, String operation, String side) {}

    /** Finds at most so many of the clinic's courses, and notes that their patients were seen. */
    public List<Found> find(Staff staff, String wanted, int most) {
        List<Found> found = mapper.find(staff.clinicId(), Containing.pattern(wanted), most);
        if (!found.isEmpty()) {
            readLog.sawAll(staff, found.stream().map(Found::id).collect(Collectors.toSet()), ReadLog.FINDER);
        }
        return found;
    }

    @Mapper
    interface PatientMapper {

        @Select("""
                select c.id, p.name as patient, p.number, p.birth_date, s.operation, lower(s.side) as side
                  from course c
                  join patient p on p.id = c.patient_id
                  join statement s on s.course_id = c.id
                 where p.clinic_id = #{clinicId} and c.clinic_id = #{clinicId}
                   and (p.name ilike #{pattern} or p.number ilike #{pattern})
                   and not exists (select 1 from statement later where later.replaces = s.id)
                 order by p.name
                 limit #{most}
                """)
        List<Found> find(UUID clinicId, String pattern, int most);
    }
}
