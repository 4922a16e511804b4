package waypost.app.account;

import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface SecondFactorMapper {

    @Select("""
            select secret, confirmed_at is not null as confirmed, last_step
              from second_factor where account_id = #{account}
            """)
    Optional<SecondFactorRow> find(UUID account);

    @Insert("""
            insert into second_factor (account_id, secret) values (#{account}, #{secret})
            on conflict (account_id) do update set secret = excluded.secret
             where second_factor.confirmed_at is null
            """)
    int offer(UUID account, byte[] secret);

    @Update("update second_factor set secret = #{to} where account_id = #{account} and secret = #{from}")
    int seal(UUID account, byte[] from, byte[] to);

    @Update("""
            update second_factor set confirmed_at = now(), last_step = #{step}
             where account_id = #{account} and confirmed_at is null
            """)
    int confirm(UUID account, long step);

    /** Of two sign-ins by one code only one gets through. */
    @Update("update second_factor set last_step = #{step} where account_id = #{account} and last_step < #{step}")
    int spendStep(UUID account, long step);

    @Delete("delete from second_factor where account_id = #{account}")
    int delete(UUID account);

    @Insert("insert into recovery_code (account_id, code_hash) values (#{account}, #{hash})")
    int insertRecovery(UUID account, String hash);

    @Update("""
            update recovery_code set used_at = now()
             where account_id = #{account} and code_hash = #{hash} and used_at is null
            """)
    int spendRecovery(UUID account, String hash);

    @Select("select count(*) from recovery_code where account_id = #{account} and used_at is null")
    int countRecovery(UUID account);

    @Delete("delete from recovery_code where account_id = #{account}")
    int deleteRecovery(UUID account);
}
