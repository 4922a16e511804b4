package waypost.app.audit;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import waypost.app.account.Staff;
import waypost.app.entry.Containing;

/** Who looked at whom, for the lead of a clinic. */
@Service
class Looks {

    static final int PAGE = 200;
    static final int MOST_IN_A_FILE = 10_000;

    private final LooksMapper mapper;

    Looks(LooksMapper mapper) {
        this.mapper = mapper;
    }

    /** One look; {@code nth} grows with time. */
    record Look(
            long nth,
            Instant at,
            String who,
            String role,
            UUID courseId,
            String patient,
            String number,
            String place) {}

    /**
     * What is asked for.
     *
     * @param patient a part of a name or number, or blank
     * @param who a part of an account's name, or blank
     * @param from the first day and {@code to} the last, in the clinic's zone
     * @param before only looks earlier than this one
     */
    record Asked(String patient, String who, Optional<LocalDate> from, Optional<LocalDate> to, Optional<Long> before) {}

    List<Look> page(Staff lead, Asked asked) {
        return find(lead, asked, PAGE + 1);
    }

    List<Look> file(Staff lead, Asked asked) {
        return find(lead, asked, MOST_IN_A_FILE);
    }

    private List<Look> find(Staff lead, Asked asked, int most) {
        return mapper.find(
                lead.clinicId(),
                Containing.pattern(asked.patient()),
                Containing.pattern(asked.who()),
                asked.from()
                        .map(day -> day.atStartOfDay(lead.clinicZone()).toInstant())
                        .orElse(null),
                asked.to()
                        .map(day ->
                                day.plusDays(1).atStartOfDay(lead.clinicZone()).toInstant())
                        .orElse(null),
                asked.before().orElse(Long.MAX_VALUE),
                most);
    }

    @Mapper
    interface LooksMapper {

        @Select("""
                select l.id as nth, l.read_at as at, a.display_name as who, lower(a.role) as role, l.course_id,
                       p.name as patient, p.number, l.place
                  from read_log l
                  join account a on a.id = l.account_id
                  join course c on c.id = l.course_id
                  join patient p on p.id = c.patient_id
                 where l.clinic_id = #{clinic} and l.id < #{before}
                   and (p.name ilike #{patient} or p.number ilike #{patient})
                   and a.display_name ilike #{who}
                   and l.read_at >= coalesce(#{from}::timestamptz, '-infinity')
                   and l.read_at < coalesce(#{until}::timestamptz, 'infinity')
                 order by l.id desc
                 limit #{most}
                """)
        List<Look> find(
                UUID clinic,
                String patient,
                String who,
                @Nullable Instant from,
                @Nullable Instant until,
                long before,
                int most);
    }
}
