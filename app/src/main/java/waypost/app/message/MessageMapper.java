package waypost.app.message;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Rows of what patients agreed to, and of what is to be sent. */
@Mapper
interface MessageMapper {

    /** Where a patient may be written to, with the clinic's place and closed days. */
    record ConsentRow(String channel, String address, String zone, String closedDays) {}

    /** A message to be handed over. */
    record QueuedRow(UUID id, UUID courseId, Gateway.Channel channel, String address, String body, int tries) {}

    /** A message with where it stands. */
    record StandingRow(String body, Instant dueAt, String state, String zone) {}

    @Insert("""
            insert into message_consent (course_id, channel, address, entered_by, entered_at)
            values (#{courseId}, #{channel}, #{address}, #{by}, #{at})
            """)
    int insertConsent(UUID courseId, String channel, String address, UUID by, Instant at);

    @Select("""
            select coalesce(m.channel, 'NONE') as channel, coalesce(m.address, '') as address, c.zone, c.closed_days
              from course k
              join clinic c on c.id = k.clinic_id
              left join lateral (select * from message_consent m where m.course_id = k.id order by m.nth desc limit 1) m on true
             where k.id = #{courseId}
            """)
    ConsentRow findConsent(UUID courseId);

    @Insert("""
            insert into message (id, course_id, occasion, channel, address, body, due_at)
            values (#{id}, #{courseId}, #{occasion}, #{channel}, #{address}, #{body}, #{dueAt})
            on conflict do nothing
            """)
    int insert(UUID id, UUID courseId, String occasion, String channel, String address, String body, Instant dueAt);

    /** What is due, locked for whoever asked: another instance takes others. */
    @Select("""
            select id, course_id, channel, address, body, tries
              from message
             where state = 'QUEUED' and due_at <= #{now}
             order by due_at
             limit #{most}
               for update skip locked
            """)
    List<QueuedRow> takeDue(Instant now, int most);

    @Update("""
            update message set state = #{state}, tries = tries + 1, settled_at = #{now} where id = #{id}
            """)
    int settle(UUID id, String state, Instant now);

    @Update("update message set tries = tries + 1, due_at = #{dueAt} where id = #{id}")
    int later(UUID id, Instant dueAt);

    /** Nobody who has withdrawn is written to. */
    @Update("""
            update message set state = 'WITHDRAWN', settled_at = #{now} where course_id = #{courseId} and state = 'QUEUED'
            """)
    int withdraw(UUID courseId, Instant now);

    @Select("""
            select m.body, m.due_at, m.state, c.zone
              from message m
              join course k on k.id = m.course_id
              join clinic c on c.id = k.clinic_id
             where m.course_id = #{courseId}
             order by m.nth desc
             limit 10
            """)
    List<StandingRow> findLast(UUID courseId);

    /** A reminder of a visit that was moved, called off or is over is not sent any more. */
    @Update("""
            update message m
               set state = 'WITHDRAWN', settled_at = #{now}
             where m.state = 'QUEUED' and m.occasion like 'visit %'
               and not exists (select 1 from appointment a
                                where a.course_id = m.course_id and a.state = 'BOOKED' and a.starts_at > #{now}
                                  and m.occasion = 'visit ' || a.id || ' ' || a.version)
            """)
    int withdrawStale(Instant now);

    /** Visits until a moment that nobody was reminded of yet. */
    @Select("""
            select a.id, a.course_id, a.version, a.starts_at, c.zone
              from appointment a
              join clinic c on c.id = a.clinic_id
             where a.state = 'BOOKED' and a.starts_at > #{now} and a.starts_at < #{until}
               and exists (select 1 from message_consent m where m.course_id = a.course_id)
               and not exists (select 1 from message m
                                where m.course_id = a.course_id and m.occasion = 'visit ' || a.id || ' ' || a.version)
            """)
    List<VisitRow> findToRemind(Instant now, Instant until);

    /** A visit that is to come. */
    record VisitRow(UUID id, UUID courseId, int version, Instant startsAt, String zone) {}

    @Select("select language from home_program where course_id = #{courseId} order by nth desc limit 1")
    Optional<String> language(UUID courseId);

    /** Which messages are a clinic's. */
    @Select("""
            select m.id from message m
              join course k on k.id = m.course_id and k.clinic_id = #{clinicId}
             where m.state <> 'QUEUED'
             order by m.nth desc
             limit 200
            """)
    List<UUID> findIds(UUID clinicId);
}
