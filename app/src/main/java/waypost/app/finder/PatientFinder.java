package waypost.app.finder;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;

/** Finds courses of a clinic by their patient's name or number. */
@Service
public class PatientFinder {

    private final PatientMapper mapper;

    PatientFinder(PatientMapper mapper) {
        this.mapper = mapper;
    }

    /** A course that was found. */
    public record Found(UUID id, String patient, String number, LocalDate birthDate, String operation, String side) {}

    public List<Found> find(UUID clinicId, String wanted) {
        String pattern =
                wanted.strip().replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_");
        return mapper.find(clinicId, "%" + pattern + "%");
    }

    @Mapper
    interface PatientMapper {

        @Select("""
                select c.id, p.name as patient, p.number, p.birth_date, s.operation, lower(s.side) as side
                  from course c
                  join patient p on p.id = c.patient_id
                  join statement s on s.course_id = c.id
                 where c.clinic_id = #{clinicId}
                   and (p.name ilike #{pattern} or p.number ilike #{pattern})
                   and not exists (select 1 from statement later where later.replaces = s.id)
                 order by p.name
                 limit 50
                """)
        List<Found> find(UUID clinicId, String pattern);
    }
}
