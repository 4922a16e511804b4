package waypost.app.note;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface NoteMapper {

    /** A note to be written. */
    record NewNote(
            UUID id,
            UUID courseId,
            LocalDate visitedOn,
            String subjective,
            String objective,
            String assessment,
            String plan,
            String ownWords,
            String response,
            @Nullable LocalDate nextOn,
            @Nullable UUID amends,
            String why,
            @Nullable UUID signatureId,
            UUID by,
            Instant at) {}

    @Insert("""
            insert into visit_note (id, course_id, visited_on, subjective, objective, assessment, plan, own_words, response,
                                    next_on, amends, why, signature_id, written_by, written_at)
            values (#{note.id}, #{note.courseId}, #{note.visitedOn}, #{note.subjective}, #{note.objective},
                    #{note.assessment}, #{note.plan}, #{note.ownWords}, #{note.response}, #{note.nextOn}, #{note.amends},
                    #{note.why}, #{note.signatureId}, #{note.by}, #{note.at})
            on conflict (id) do nothing
            """)
    int insert(@Param("note") NewNote note);

    @Select("""
            select v.visited_on
              from visit v
             where v.course_id = #{courseId}
               and not exists (select 1 from visit_note n
                                where n.course_id = v.course_id and n.visited_on = v.visited_on)
             order by v.visited_on
            """)
    List<LocalDate> findOpen(UUID courseId);

    @Select("select count(*) from visit_note where id = #{id}")
    int count(UUID id);

    @Insert("""
            insert into home_item (note_id, place, role, title, dose, often)
            values (#{noteId}, #{place}, #{home.role}, #{home.title}, #{home.dose}, #{home.often})
            """)
    int insertHome(UUID noteId, int place, @Param("home") HomeItem home);

    @Insert("""
            insert into countersignature (note_id, signature_id)
            values (#{noteId}, #{signatureId})
            """)
    int insertCountersignature(UUID noteId, UUID signatureId);

    @Select("""
            select n.id, n.visited_on, n.subjective, n.objective, n.assessment, n.plan, n.own_words, n.response, n.next_on,
                   n.amends, n.why, a.display_name as written_by, n.written_at at time zone #{zone} as written_at,
                   n.signature_id is not null as signed, ca.display_name as countersigned_by,
                   exists (select 1 from visit_note later where later.amends = n.id) as amended
              from visit_note n
              join account a on a.id = n.written_by
              left join countersignature c on c.note_id = n.id
              left join signature s on s.id = c.signature_id
              left join account ca on ca.id = s.signed_by
             where n.course_id = #{courseId}
             order by n.visited_on desc, n.written_at desc
            """)
    List<Note> find(UUID courseId, String zone);
}
