package waypost.app.hand;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import waypost.core.hand.Finger;

@Mapper
interface HandMapper {

    /** A finger as it is on record. */
    record Row(
            UUID id,
            UUID courseId,
            Finger finger,
            LocalDate measuredOn,
            BigDecimal mcpBent,
            BigDecimal mcpLacks,
            @Nullable BigDecimal pipBent,
            @Nullable BigDecimal pipLacks,
            BigDecimal dipBent,
            BigDecimal dipLacks,
            @Nullable BigDecimal tipToPalm,
            UUID enteredBy) {}

    @Select("""
            select finger from (
                   select distinct on (finger) finger, hurt
                     from finger_hurt where course_id = #{courseId}
                    order by finger, set_at desc, id desc) last
             where hurt
            """)
    List<Finger> hurt(UUID courseId);

    @Insert("""
            insert into finger_hurt (id, course_id, finger, hurt, set_by)
            values (#{id}, #{courseId}, #{finger}, #{hurt}, #{setBy}) on conflict do nothing
            """)
    int setHurt(UUID id, UUID courseId, Finger finger, boolean hurt, UUID setBy);

    /** The last of each finger and day, the earliest day first. */
    @Select("""
            select distinct on (measured_on, finger) id, course_id, finger, measured_on, mcp_bent, mcp_lacks, pip_bent,
                   pip_lacks, dip_bent, dip_lacks, tip_to_palm, entered_by
              from finger_reading where course_id = #{courseId}
             order by measured_on, finger, entered_at desc, id desc
            """)
    List<Row> readings(UUID courseId);

    @Insert("""
            insert into finger_reading (id, course_id, finger, measured_on, mcp_bent, mcp_lacks, pip_bent, pip_lacks,
                   dip_bent, dip_lacks, tip_to_palm, entered_by)
            values (#{id}, #{courseId}, #{finger}, #{measuredOn}, #{mcpBent}, #{mcpLacks}, #{pipBent}, #{pipLacks},
                    #{dipBent}, #{dipLacks}, #{tipToPalm}, #{enteredBy}) on conflict do nothing
            """)
    int insert(Row row);
}
