package waypost.app.account;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface AccountMapper {

    @Select("""
            select a.id, a.clinic_id, c.name as clinic_name, c.zone, c.date_order, a.sign_in_name, a.display_name as name, a.role,
                   a.password_hash as hash
              from account a
              join clinic c on c.id = a.clinic_id
             where a.sign_in_name = #{signInName} and a.active and a.password_hash is not null
            """)
    Optional<Staff> findBySignInName(String signInName);

    @Select("""
            select a.id, a.sign_in_name, a.display_name, a.role, a.active, a.password_hash is not null as has_password,
                   f.confirmed_at is not null as second_factor
              from account a
              left join second_factor f on f.account_id = a.id
             where a.clinic_id = #{clinicId} order by a.display_name
            """)
    List<AccountRow> findByClinic(UUID clinicId);

    @Insert("""
            insert into account (id, clinic_id, sign_in_name, display_name, role, password_hash)
            values (#{id}, #{clinicId}, #{signInName}, #{displayName}, #{role}, #{passwordHash})
            on conflict do nothing
            """)
    int insert(
            UUID id,
            UUID clinicId,
            String signInName,
            String displayName,
            StaffRole role,
            @Nullable String passwordHash);

    @Update("update account set password_hash = #{hash} where id = #{id}")
    int updatePassword(UUID id, String hash);

    @Select("select exists (select 1 from clinic)")
    boolean anyClinic();

    @Insert("insert into demo_data default values on conflict do nothing")
    int markAsDemo();

    @Select("select exists (select 1 from demo_data)")
    boolean isOfTheDemo();

    @Insert("insert into clinic (id, name, zone, closed_days) values (#{id}, #{name}, #{zone}, #{closedDays})")
    int insertClinic(UUID id, String name, String zone, String closedDays);

    @Insert("""
            insert into invitation (secret_hash, account_id, spoken_hash, expires_at)
            values (#{secretHash}, #{accountId}, #{spokenHash}, now() + interval '3 days')
            """)
    int insertInvitation(String secretHash, @Nullable UUID accountId, @Nullable String spokenHash);

    @Select("""
            select secret_hash, account_id, spoken_hash from invitation
             where secret_hash = #{secretHash} and used_at is null and expires_at > now()
            """)
    Optional<InvitationRow> findInvitation(String secretHash);

    @Update("""
            update invitation set used_at = now()
             where secret_hash = #{secretHash} and used_at is null and expires_at > now()
            """)
    int useInvitation(String secretHash);

    /** Counts a wrong number; after the fifth the link is spent. */
    @Update("""
            update invitation set wrong = wrong + 1, used_at = case when wrong >= 4 then now() end
             where secret_hash = #{secretHash} and used_at is null
            """)
    int countWrong(String secretHash);

    /** One set-up at a time, until the transaction ends. */
    @Select("select 1 from (select pg_advisory_xact_lock(hashtext('waypost.set-up'))) held")
    int lockSetUp();

    @Select("""
            select a.id, a.sign_in_name, a.display_name, a.role, a.active, a.password_hash is not null as has_password,
                   f.confirmed_at is not null as second_factor
              from account a
              left join second_factor f on f.account_id = a.id
             where a.id = #{id}
            """)
    Optional<AccountRow> find(UUID id);

    @Update("update account set active = false where id = #{id}")
    int close(UUID id);

    /** Links that were not used are good for nothing any more. */
    @Update("update invitation set used_at = now() where account_id = #{accountId} and used_at is null")
    int spendInvitations(UUID accountId);

    @Update("update clinic set demands_second_factor = #{demands} where id = #{clinicId}")
    int updateDemand(UUID clinicId, boolean demands);

    @Select("select demands_second_factor from clinic where id = #{clinicId}")
    boolean demandsSecondFactor(UUID clinicId);

    @Update("update clinic set date_order = #{order} where id = #{clinicId}")
    int updateDateOrder(UUID clinicId, DateOrder order);

    @Select("select date_order from clinic where id = #{clinicId}")
    DateOrder dateOrder(UUID clinicId);

    @Insert("insert into account_event (id, account_id, what, done_by) values (#{id}, #{accountId}, #{what}, #{by})")
    int insertEvent(UUID id, UUID accountId, AccountEvent what, UUID by);
}
