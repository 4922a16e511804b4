package waypost.app.own;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import waypost.core.demand.LoadUnit;
import waypost.core.own.OwnExercise;

@Mapper
interface OwnExerciseMakingMapper {

    /** An exercise to be kept. */
    record New(
            UUID clinicId,
            UUID entryId,
            OwnExercise own,
            String setUp,
            String within,
            @Nullable BigDecimal loadAmount,
            @Nullable LoadUnit loadUnit,
            String aim,
            String cues,
            UUID by,
            Instant at) {}

    @Insert("""
            insert into own_exercise (clinic_id, id, entry_id, model, title, set_up, within, load_amount, load_unit, sets,
                                      aim, frequency, cues, made_by, made_at)
            values (#{clinicId}, #{own.id}, #{entryId}, #{own.model}, #{own.title}, #{setUp}, #{within}, #{loadAmount},
                    #{loadUnit}, #{own.dose.sets}, #{aim}, #{own.dose.frequency}, #{cues}, #{by}, #{at})
            on conflict (clinic_id, entry_id) do nothing
            """)
    int insert(New made);

    @Insert("""
            insert into own_exercise_retired (clinic_id, id, retired_by, retired_at)
            values (#{clinicId}, #{id}, #{by}, #{at})
            on conflict do nothing
            """)
    int retire(UUID clinicId, String id, UUID by, Instant at);

    @Select("select count(*) from own_exercise where clinic_id = #{clinicId}")
    int count(UUID clinicId);

    @Select("select exists (select 1 from own_exercise where clinic_id = #{clinicId} and id = #{id})")
    boolean isMade(UUID clinicId, String id);

    @Select("select exists (select 1 from own_exercise where clinic_id = #{clinicId} and entry_id = #{entryId})")
    boolean isSent(UUID clinicId, UUID entryId);
}
