package waypost.app.store;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface OwnExerciseMapper {

    @Select("""
            select o.id, o.model, o.title, o.set_up, o.within, o.load_amount, o.load_unit, o.sets, o.aim, o.frequency,
                   o.cues, r.id is not null as retired, a.display_name as made_by
              from own_exercise o
              join account a on a.id = o.made_by
              left join own_exercise_retired r on r.clinic_id = o.clinic_id and r.id = o.id
             where o.clinic_id = #{clinicId}
             order by o.nth
            """)
    List<OwnExerciseRow> find(UUID clinicId);
}
