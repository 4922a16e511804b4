package waypost.app.work;

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
import waypost.core.log.SetDone;

@Mapper
interface SetMapper {

    /** A set to be written. */
    record NewSet(
            UUID id,
            UUID courseId,
            LocalDate doneOn,
            String role,
            int amount,
            @Nullable BigDecimal loadAmount,
            @Nullable LoadUnit loadUnit,
            String setUp,
            int pain,
            SetDone.Form form,
            @Nullable Integer effort,
            String faults,
            String asked,
            String device,
            int deviceNth,
            Instant doneAt,
            UUID by,
            Instant at) {}

    @Insert("""
            insert into set_done (id, course_id, done_on, role, amount, load_amount, load_unit, set_up, pain, form, effort, faults,
                                  asked, device, device_nth, done_at, entered_by, entered_at)
            values (#{set.id}, #{set.courseId}, #{set.doneOn}, #{set.role}, #{set.amount}, #{set.loadAmount},
                    #{set.loadUnit}, #{set.setUp}, #{set.pain}, #{set.form}, #{set.effort}, #{set.faults}, #{set.asked}, #{set.device},
                    #{set.deviceNth}, #{set.doneAt}, #{set.by}, #{set.at})
            on conflict (id) do nothing
            """)
    int insert(@Param("set") NewSet set);

    /** A withdrawal repeats the row that it takes back. */
    @Insert("""
            insert into set_done (id, course_id, done_on, role, amount, load_amount, load_unit, set_up, pain, form, effort, faults,
                                  asked, device, device_nth, done_at, replaces, withdrawn, why, entered_by, entered_at)
            select #{id}, course_id, done_on, role, amount, load_amount, load_unit, set_up, pain, form, effort, faults,
                   asked, device, device_nth, done_at, id, true, #{why}, #{by}, #{at}
              from set_done
             where id = #{setId} and course_id = #{courseId} and not withdrawn
            on conflict do nothing
            """)
    int withdraw(UUID id, UUID setId, UUID courseId, String why, UUID by, Instant at);

    @Insert("""
            insert into stop (id, course_id, stopped_on, role, why, stopped_by, stopped_at)
            values (#{id}, #{courseId}, #{on}, #{role}, #{why}, #{by}, #{at})
            on conflict (id) do nothing
            """)
    int insertStop(UUID id, UUID courseId, LocalDate on, String role, String why, UUID by, Instant at);

    @Select("""
            select stopped_on as "on", role, why from stop
             where course_id = #{courseId} and stopped_on >= #{since}
             order by stopped_at
            """)
    List<StopLog.Row> findStops(UUID courseId, LocalDate since);

    @Insert("""
            insert into visit (id, course_id, visited_on, begun_by, begun_at)
            values (#{id}, #{courseId}, #{on}, #{by}, #{at})
            on conflict do nothing
            """)
    int insertVisit(UUID id, UUID courseId, LocalDate on, UUID by, Instant at);
}
