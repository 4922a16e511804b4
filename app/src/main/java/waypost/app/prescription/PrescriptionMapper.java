package waypost.app.prescription;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import waypost.core.demand.LoadUnit;
import waypost.core.prescription.Prescription;

@Mapper
interface PrescriptionMapper {

    /** A prescription to be written; what it says stands in {@code said}. */
    record NewPrescription(
            UUID id,
            UUID courseId,
            boolean ended,
            Prescription said,
            @Nullable BigDecimal loadAmount,
            @Nullable LoadUnit loadUnit,
            @Nullable Integer restSeconds,
            @Nullable Integer painMost,
            String days,
            @Nullable UUID follows,
            LocalDate on,
            UUID by,
            Instant at) {

        public String role() {
            return said.role().toString();
        }

        public String aim() {
            return said.dose().aim().toString();
        }

        public String setUp() {
            return said.dose().setUp().toString();
        }

        public String tempo() {
            return said.tempo().map(Object::toString).orElse("");
        }

        public String often() {
            return said.often().map(Object::toString).orElse("");
        }
    }

    /** The last one of each exercise of a course, ended ones too. */
    @Select("""
            select distinct on (p.role) p.id, p.role, p.ended, p.sets, p.aim, p.load_amount, p.load_unit, p.set_up, p.tempo,
                   p.rest_seconds, p.side, p.often, p.pain_most, p.days, p.rule, p.rule_number, p.words, p.written_on,
                   p.written_at, a.display_name as written_by
              from prescription p
              join account a on a.id = p.written_by
             where p.course_id = #{courseId}
             order by p.role, p.nth desc
            """)
    List<PrescriptionRow> findLast(UUID courseId);

    /** One person at a time writes in a course, until the transaction ends. */
    @Select(
            "select 1 from (select pg_advisory_xact_lock(hashtext('waypost.prescription'), hashtext(#{courseId}::text))) held")
    int lock(UUID courseId);

    @Select("select exists (select 1 from prescription where id = #{id})")
    boolean isWritten(UUID id);

    @Insert("""
            insert into prescription (id, course_id, role, ended, sets, aim, load_amount, load_unit, set_up, tempo, rest_seconds,
                                      side, often, pain_most, days, rule, rule_number, words, follows, written_on, written_by,
                                      written_at)
            values (#{p.id}, #{p.courseId}, #{p.role}, #{p.ended}, #{p.said.dose.sets}, #{p.aim}, #{p.loadAmount},
                    #{p.loadUnit}, #{p.setUp}, #{p.tempo}, #{p.restSeconds}, #{p.said.side}, #{p.often}, #{p.painMost},
                    #{p.days}, #{p.said.goesOnBy.rule}, #{p.said.goesOnBy.number}, #{p.said.words}, #{p.follows}, #{p.on},
                    #{p.by}, #{p.at})
            """)
    int insert(@Param("p") NewPrescription prescription);
}
