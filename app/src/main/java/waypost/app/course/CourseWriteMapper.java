package waypost.app.course;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface CourseWriteMapper {

    /** A patient as stored, to tell whether a number is taken by somebody else. */
    record PatientRow(UUID id, String name, LocalDate birthDate) {}

    @Select("select id, name, birth_date from patient where clinic_id = #{clinicId} and number = #{number}")
    Optional<PatientRow> findPatient(UUID clinicId, String number);

    @Insert("""
            insert into patient (id, clinic_id, number, name, birth_date, created_by)
            values (#{id}, #{clinicId}, #{referral.number}, #{referral.patientName}, #{referral.birthDate}, #{by})
            on conflict (clinic_id, number) do nothing
            """)
    int insertPatient(UUID id, UUID clinicId, @Param("referral") Referral referral, UUID by);

    /** Keeps who the patient was said to be until a signed change. */
    @Insert("""
            insert into patient_change (id, patient_id, number, name, birth_date, signature_id)
            select #{id}, p.id, p.number, p.name, p.birth_date, #{signatureId} from patient p where p.id = #{patientId}
            """)
    int keepPatient(UUID id, UUID patientId, UUID signatureId);

    /** Gives a patient of this clinic the name, number and birth date of a signed referral. */
    @Update("""
            update patient set name = #{referral.patientName}, number = #{referral.number},
                               birth_date = #{referral.birthDate}
             where id = #{patientId} and clinic_id = #{clinicId}
            """)
    int changePatient(UUID patientId, UUID clinicId, @Param("referral") Referral referral);

    @Insert("""
            insert into course (id, clinic_id, patient_id, bundle_hash, protocol_id, revises, created_by)
            values (#{id}, #{clinicId}, #{patientId}, #{bundleHash}, #{protocolId}, #{revises}, #{by})
            on conflict (id) do nothing
            """)
    int insertCourse(
            @Param("id") UUID id,
            @Param("clinicId") UUID clinicId,
            @Param("patientId") UUID patientId,
            @Param("bundleHash") String bundleHash,
            @Param("protocolId") String protocolId,
            @Param("revises") @Nullable UUID revises,
            @Param("by") UUID by);

    @Select("""
            select exists (select 1 from course
                            where id = #{id} and patient_id = #{patientId} and clinic_id = #{clinicId})
            """)
    boolean isCourseOf(UUID id, UUID patientId, UUID clinicId);

    @Select("select exists (select 1 from course where id = #{id} and clinic_id = #{clinicId})")
    boolean courseExists(UUID id, UUID clinicId);

    @Insert("""
            insert into statement (id, course_id, replaces, operation, day_zero, side, surgeon, answers, why,
                                   signature_id)
            values (#{id}, #{referral.courseId}, #{replaces}, #{referral.operation}, #{referral.dayZero},
                    #{referral.side}, #{referral.surgeon}, #{answers}::jsonb, #{referral.why}, #{signatureId})
            """)
    int insertStatement(
            @Param("id") UUID id,
            @Param("replaces") @Nullable UUID replaces,
            @Param("referral") Referral referral,
            @Param("answers") String answers,
            @Param("signatureId") UUID signatureId);
}
