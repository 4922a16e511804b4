package waypost.app.patientpage;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Rows of links and of the telephones that opened them. */
@Mapper
interface HomeLinkMapper {

    /** A link with whose it is. */
    record LinkRow(
            String secretHash,
            UUID courseId,
            LocalDate expiresOn,
            @Nullable Instant revokedAt,
            int wrong,
            LocalDate birthDate,
            String zone) {}

    /** Whose page a telephone shows. */
    record SessionRow(
            UUID courseId,
            UUID clinicId,
            String zone,
            LocalDate expiresOn,
            @Nullable Instant revokedAt) {}

    /** The last link of a course. */
    record LastRow(LocalDate expiresOn, @Nullable Instant revokedAt, int wrong, long telephones) {}

    @Insert("""
            insert into home_link (secret_hash, course_id, made_by, made_at, expires_on)
            values (#{secretHash}, #{courseId}, #{by}, #{at}, #{expiresOn})
            """)
    int insert(String secretHash, UUID courseId, UUID by, Instant at, LocalDate expiresOn);

    @Update("update home_link set revoked_at = #{at} where course_id = #{courseId} and revoked_at is null")
    int revokeAll(UUID courseId, Instant at);

    @Update("update home_link set wrong = least(wrong + 1, 5) where secret_hash = #{secretHash}")
    int countWrong(String secretHash);

    @Select("""
            select l.secret_hash, l.course_id, l.expires_on, l.revoked_at, l.wrong, p.birth_date, c.zone
              from home_link l
              join course k on k.id = l.course_id
              join patient p on p.id = k.patient_id
              join clinic c on c.id = k.clinic_id
             where l.secret_hash = #{secretHash}
               for update of l
            """)
    Optional<LinkRow> find(String secretHash);

    @Select("""
            select l.expires_on, l.revoked_at, l.wrong,
                   (select count(*) from home_session s
                     where s.course_id = l.course_id and s.secret_hash = l.secret_hash) as telephones
              from home_link l
             where l.course_id = #{courseId}
             order by l.nth desc
             limit 1
            """)
    Optional<LastRow> findLast(UUID courseId);

    @Insert("""
            insert into home_session (token_hash, course_id, secret_hash, opened_at)
            values (#{tokenHash}, #{courseId}, #{secretHash}, #{at})
            """)
    int insertSession(String tokenHash, UUID courseId, String secretHash, Instant at);

    @Select("""
            select s.course_id, k.clinic_id, c.zone, l.expires_on, l.revoked_at
              from home_session s
              join home_link l on l.secret_hash = s.secret_hash
              join course k on k.id = s.course_id
              join clinic c on c.id = k.clinic_id
             where s.token_hash = #{tokenHash}
            """)
    Optional<SessionRow> findSession(String tokenHash);

    @Delete("delete from home_session where token_hash = #{tokenHash}")
    int deleteSession(String tokenHash);

    @Insert("""
            insert into home_feed (token_hash, course_id, secret_hash, made_at)
            select #{feedHash}, s.course_id, s.secret_hash, #{at} from home_session s where s.token_hash = #{tokenHash}
            """)
    int insertFeed(String feedHash, String tokenHash, Instant at);

    /** Whose times a calendar asks for; it holds as long as the link by which the telephone was opened. */
    @Select("""
            select f.course_id, k.clinic_id, c.zone, l.expires_on, l.revoked_at
              from home_feed f
              join home_link l on l.secret_hash = f.secret_hash
              join course k on k.id = f.course_id
              join clinic c on c.id = k.clinic_id
             where f.token_hash = #{feedHash}
            """)
    Optional<SessionRow> findFeed(String feedHash);
}
