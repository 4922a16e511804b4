package waypost.app.home;

import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The number that patients ring. */
@Mapper
interface ClinicPhone {

    @Select("select phone from clinic where id = #{clinicId}")
    String of(UUID clinicId);

    @Update("update clinic set phone = #{phone} where id = #{clinicId}")
    int set(UUID clinicId, String phone);
}
