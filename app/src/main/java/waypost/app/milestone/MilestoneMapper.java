package waypost.app.milestone;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface MilestoneMapper {

    @Insert("""
            insert into advance (id, course_id, phase, from_date, signature_id)
            values (#{id}, #{courseId}, #{phase}, #{fromDate}, #{signatureId})
            """)
    int insertAdvance(UUID id, UUID courseId, String phase, LocalDate fromDate, UUID signatureId);

    @Insert("""
            insert into hold (id, course_id, kind, why, from_date, review_on, placed_by, placed_at,
                              evidence)
            values (#{id}, #{courseId}, #{wanted.kind}, #{wanted.why}, #{wanted.from}, #{wanted.reviewOn}, #{by}, #{at},
                    #{evidence})
            on conflict (id) do nothing
            """)
    int insertHold(UUID id, UUID courseId, @Param("wanted") Holds.Wanted wanted, UUID by, Instant at, String evidence);

    @Insert("""
            insert into hold_end (hold_id, ended_on, why, signature_id)
            values (#{holdId}, #{endedOn}, #{why}, #{signatureId})
            """)
    int insertHoldEnd(UUID holdId, LocalDate endedOn, String why, UUID signatureId);

    @Insert("""
            insert into attestation (id, course_id, criterion, attested_on, said_by, entered_by, entered_at)
            values (#{id}, #{courseId}, #{wanted.criterion}, #{on}, #{wanted.saidBy}, #{by}, #{at})
            on conflict (id) do nothing
            """)
    int insertAttestation(
            UUID id, UUID courseId, @Param("wanted") Attestations.Wanted wanted, LocalDate on, UUID by, Instant at);

    @Insert("""
            insert into surgeon_message (id, course_id, words, evidence, evidence_hash, written_by, written_at)
            values (#{id}, #{courseId}, #{words}, #{evidence}, #{hash}, #{by}, #{at})
            on conflict (id) do nothing
            """)
    int insertMessage(UUID id, UUID courseId, String words, String evidence, String hash, UUID by, Instant at);
}
