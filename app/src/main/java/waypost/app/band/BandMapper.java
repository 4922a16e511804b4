package waypost.app.band;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface BandMapper {

    @Select("""
            select b.step, b.name, b.length_cm, b.home_cm, b.half_kg, b.pull_kg, b.triple_kg
              from band b
             where b.order_id = (
                   select o.id from band_order o where o.clinic_id = #{clinicId} and o.kind = #{kind} order by o.set_at desc, o.id desc limit 1)
             order by b.step
            """)
    List<Band> current(UUID clinicId, BandKind kind);

    @Insert(
            "insert into band_order (id, clinic_id, kind, set_by) values (#{id}, #{clinicId}, #{kind}, #{setBy}) on conflict do nothing")
    int insertOrder(UUID id, UUID clinicId, BandKind kind, UUID setBy);

    @Insert("""
            insert into band (order_id, step, name, length_cm, home_cm, half_kg, pull_kg, triple_kg)
            values (#{orderId}, #{band.step}, #{band.name}, #{band.lengthCm}, #{band.homeCm}, #{band.halfKg}, #{band.pullKg},
                    #{band.tripleKg})
            """)
    int insert(UUID orderId, Band band);
}
