package waypost.app.home;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import waypost.core.demand.LoadUnit;

/** Rows of programs for home and of their lines. */
@Mapper
interface HomeMapper {

    String LINES = """
            select l.program_id, l.role, l.sets, l.aim, l.load_amount, l.load_unit, l.set_up, l.times, l.minutes, l.days,
                   l.grows_by, l.grows_days, l.grows_to, l.words
              from home_line l
            """;

    /** A program to be written, without its lines. */
    record NewProgram(
            UUID id,
            UUID courseId,
            @Nullable UUID follows,
            LocalDate startsOn,
            LocalDate endsOn,
            LocalTime wakesAt,
            LocalTime sleepsAt,
            String language,
            String words,
            int painMost,
            UUID by,
            Instant at) {}

    /** A program as it is kept. */
    record ProgramRow(
            UUID id,
            LocalDate startsOn,
            LocalDate endsOn,
            LocalTime wakesAt,
            LocalTime sleepsAt,
            String language,
            String words,
            String writtenBy) {}

    /** A line as it is kept. */
    record LineRow(
            UUID programId,
            String role,
            int sets,
            String aim,
            @Nullable BigDecimal loadAmount,
            @Nullable LoadUnit loadUnit,
            String setUp,
            @Nullable Integer times,
            @Nullable Integer minutes,
            String days,
            @Nullable Integer growsBy,
            @Nullable Integer growsDays,
            @Nullable Integer growsTo,
            String words) {}

    @Insert("""
            insert into home_program (id, course_id, follows, starts_on, ends_on, wakes_at, sleeps_at, language, words,
                                      pain_most, written_by, written_at)
            values (#{p.id}, #{p.courseId}, #{p.follows}, #{p.startsOn}, #{p.endsOn}, #{p.wakesAt}, #{p.sleepsAt},
                    #{p.language}, #{p.words}, #{p.painMost}, #{p.by}, #{p.at})
            """)
    int insert(@Param("p") NewProgram program);

    @Insert("""
            insert into home_line (course_id, program_id, place, role, title, sets, aim, load_amount, load_unit, set_up, times, minutes,
                                   days, grows_by, grows_days, grows_to, words)
            values (#{courseId}, #{line.programId}, #{place}, #{line.role}, #{title}, #{line.sets}, #{line.aim}, #{line.loadAmount},
                    #{line.loadUnit}, #{line.setUp}, #{line.times}, #{line.minutes}, #{line.days}, #{line.growsBy},
                    #{line.growsDays}, #{line.growsTo}, #{line.words})
            """)
    int insertLine(UUID courseId, int place, String title, @Param("line") LineRow line);

    @Select("select exists (select 1 from home_program where id = #{id})")
    boolean isWritten(UUID id);

    /** The last two programs of a course, the standing one first. */
    @Select("""
            select p.id, p.starts_on, p.ends_on, p.wakes_at, p.sleeps_at, p.language, p.words, a.display_name as written_by
              from home_program p
              join account a on a.id = p.written_by
             where p.course_id = #{courseId}
             order by p.nth desc
             limit 2
            """)
    List<ProgramRow> findLast(UUID courseId);

    /** One program of a course. */
    @Select("""
            select p.id, p.starts_on, p.ends_on, p.wakes_at, p.sleeps_at, p.language, p.words, '' as written_by
              from home_program p
             where p.course_id = #{courseId} and p.id = #{id}
            """)
    Optional<ProgramRow> findOne(UUID courseId, UUID id);

    /** Its lines, in their order. */
    @Select(LINES + """
             where l.course_id = #{courseId} and l.program_id = #{id}
             order by l.place
            """)
    List<LineRow> findLinesOf(UUID courseId, UUID id);

    /** The lines of the last two programs of a course, in their order. */
    @Select(LINES + """
             where l.course_id = #{courseId}
               and l.program_id in (select id from home_program where course_id = #{courseId} order by nth desc limit 2)
             order by l.program_id, l.place
            """)
    List<LineRow> findLines(UUID courseId);
}
