package waypost.app.observation;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import waypost.core.movement.Fault;
import waypost.core.movement.Grade;
import waypost.core.movement.Observation;
import waypost.core.movement.Seen;
import waypost.core.movement.Watched;

/** Rows of movements watched. */
@Mapper
interface ObservationMapper {

    /** A row to be written. */
    record Row(
            UUID id,
            UUID courseId,
            LocalDate on,
            Watched movement,
            String seen,
            int painMost,
            @Nullable Integer painFrom,
            String words,
            UUID by,
            Instant at) {}

    /** A row as it is kept. */
    record Kept(
            LocalDate watchedOn,
            Watched movement,
            String seen,
            int painMost,
            @Nullable Integer painFrom,
            String words,
            String by) {

        Observation observation() {
            List<Seen> faults = Arrays.stream(seen.split(" "))
                    .map(fault -> fault.split(":"))
                    .map(parts -> new Seen(Fault.valueOf(parts[0]), Grade.valueOf(parts[1]), Grade.valueOf(parts[2])))
                    .toList();
            return new Observation(
                    movement, faults, painMost, painFrom == null ? OptionalInt.empty() : OptionalInt.of(painFrom));
        }
    }

    @Insert("""
            insert into movement_watched (id, course_id, watched_on, movement, seen, pain_most, pain_from, words,
                                          entered_by, entered_at)
            values (#{row.id}, #{row.courseId}, #{row.on}, #{row.movement}, #{row.seen}, #{row.painMost},
                    #{row.painFrom}, #{row.words}, #{row.by}, #{row.at})
            on conflict (id) do nothing
            """)
    int insert(@Param("row") Row row);

    @Select("""
            select w.watched_on, w.movement, w.seen, w.pain_most, w.pain_from, w.words, a.display_name as "by"
              from movement_watched w
              join account a on a.id = w.entered_by
             where w.course_id = #{courseId}
             order by w.nth desc
            """)
    List<Kept> find(UUID courseId);
}
