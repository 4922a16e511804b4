package waypost.app.measure;

import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface ReadingMapper {

    @Insert("""
            insert into reading (id, course_id, replaces, withdrawn, why, measure, side, mode, value, measured_on,
                                 strict, entered_by, entered_at)
            values (#{id}, #{courseId}, #{replaces}, #{withdrawn}, #{why}, #{measure}, #{side}, #{mode}, #{value},
                    #{measuredOn}, #{strict}, #{enteredBy}, #{enteredAt})
            on conflict (id) do nothing
            """)
    int insert(NewReading reading);
}
