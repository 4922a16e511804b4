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

    /** One look, the latest first; {@code nth} is its own number. */
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
                pattern(asked.patient()),
                pattern(asked.who()),
                asked.from()
                        .map(day -> day.atStartOfDay(lead.clinicZone()).toInstant())
                        .orElse(null),
                asked.to()
                        .map(day ->
                                day.plusDays(1).atStartOfDay(lead.clinicZone()).toInstant())
                        .orElse(null),
                asked.before().orElse(null),
                most);
    }

    private static @Nullable String pattern(String typed) {
        return typed.isBlank() ? null : Containing.pattern(typed);
    }

    @Mapper
    interface LooksMapper {

        // What is asked of people is looked up first: a clinic has hundreds of them and millions of looks.
        @Select("""
                <script>
                select l.id as nth, l.read_at as at, a.display_name as who, lower(a.role) as role, l.course_id,
                       p.name as patient, p.number, l.place
                  from (select * from read_log l
                         where l.clinic_id = #{clinic}
                        <if test="before != null">
                           and (l.read_at, l.id) &lt; (select b.read_at, b.id from read_log b
                                                        where b.clinic_id = #{clinic} and b.id = #{before})
                        </if>
                        <if test="from != null">and l.read_at >= #{from}</if>
                        <if test="until != null">and l.read_at &lt; #{until}</if>
                        <if test="patient != null">
                           and l.course_id = any (array(
                               select c.id from course c join patient p on p.id = c.patient_id
                                where p.clinic_id = #{clinic} and (p.name ilike #{patient} or p.number ilike #{patient})))
                        </if>
                        <if test="who != null">
                           and l.account_id = any (array(
                               select a.id from account a where a.clinic_id = #{clinic} and a.display_name ilike #{who}))
                        </if>
                         order by l.read_at desc, l.id desc
                         limit #{most}) l
                  join account a on a.id = l.account_id
                  join course c on c.id = l.course_id
                  join patient p on p.id = c.patient_id
                 order by l.read_at desc, l.id desc
                </script>
                """)
        List<Look> find(
                UUID clinic,
                @Nullable String patient,
                @Nullable String who,
                @Nullable Instant from,
                @Nullable Instant until,
                @Nullable Long before,
                int most);
    }
}
