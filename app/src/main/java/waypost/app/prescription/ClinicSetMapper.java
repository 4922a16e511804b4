package waypost.app.prescription;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import waypost.core.prescription.ExerciseSet;

@Mapper
interface ClinicSetMapper {

    /** An exercise of a clinic's set. */
    record Row(UUID id, String title, String writtenBy, String role, int sets, String aim, String often) {}

    @Select("""
            select s.id, s.title, a.display_name as written_by, i.role, i.sets, i.aim, i.often
              from clinic_set s
              join clinic_set_item i on i.set_id = s.id
              join account a on a.id = s.written_by
             where s.clinic_id = #{clinicId}
             order by s.title, s.id, i.place
            """)
    List<Row> find(UUID clinicId);

    @Insert("""
            insert into clinic_set (id, clinic_id, title, written_by, written_at)
            values (#{id}, #{clinicId}, #{title}, #{by}, #{at})
            on conflict do nothing
            """)
    int insert(UUID id, UUID clinicId, String title, UUID by, Instant at);

    @Insert("""
            insert into clinic_set_item (set_id, place, role, sets, aim, often)
            values (#{setId}, #{place}, #{item.role}, #{item.sets}, #{item.aim}, #{often})
            """)
    int insertItem(UUID setId, int place, @Param("item") Item item, String often);

    /** An exercise to be written. */
    record Item(String role, int sets, String aim) {
        static Item of(ExerciseSet.Item item) {
            return new Item(item.role().toString(), item.sets(), item.aim().toString());
        }
    }

    @Select("select exists (select 1 from clinic_set where id = #{id} and clinic_id = #{clinicId})")
    boolean isWritten(UUID id, UUID clinicId);
}
