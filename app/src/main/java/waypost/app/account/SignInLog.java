package waypost.app.account;

import io.micrometer.core.instrument.MeterRegistry;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.apache.commons.lang3.StringUtils;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Keeps every sign-in and every one refused; the application can't rewrite it. What was typed is never kept. */
@Component
public class SignInLog {

    private static final int MOST_SHOWN = 200;
    private static final int LONGEST_ADDRESS = 60;

    private final SignInMapper mapper;
    private final MeterRegistry meters;

    SignInLog(SignInMapper mapper, MeterRegistry meters) {
        this.mapper = mapper;
        this.meters = meters;
    }

    /** What came of a try. */
    public enum Outcome {
        SIGNED_IN,
        REFUSED,
        CODE_REFUSED,
        RECOVERY_USED,
        SIGNED_OUT;

        String words() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
    }

    /** One line of what happened at a clinic's accounts. */
    public record Line(Instant at, String account, String what, String by) {}

    /** A row as the database gives it; {@code what} is an {@link Outcome} or an {@link AccountEvent}. */
    record Row(Instant at, String account, boolean tried, String what, String doneBy) {

        Line line() {
            return new Line(
                    at,
                    account,
                    tried
                            ? Outcome.valueOf(what).words()
                            : AccountEvent.valueOf(what).words(),
                    doneBy);
        }
    }

    /** Notes a try at an account that is there; a name that is nobody's is noted without it. */
    public void note(@Nullable UUID account, Outcome outcome, String address) {
        meters.counter("waypost.sign.ins", "outcome", outcome.name().toLowerCase(Locale.ROOT))
                .increment();
        mapper.insert(account, outcome, StringUtils.truncate(address, LONGEST_ADDRESS));
    }

    /** The id of the account that bears this name, signed-in or not, closed or not. */
    public @Nullable UUID accountNamed(String signInName) {
        return mapper.findAccount(signInName.strip().toLowerCase(Locale.ROOT));
    }

    /** What happened last at the clinic's accounts, the latest first. */
    List<Line> ofClinic(UUID clinic) {
        return mapper.findByClinic(clinic, MOST_SHOWN).stream().map(Row::line).toList();
    }

    /** What happened last at one account, the latest first. */
    List<Line> ofAccount(Staff staff, int most) {
        return mapper.findByAccount(staff.clinicId(), staff.id(), most).stream()
                .map(Row::line)
                .toList();
    }

    @Mapper
    interface SignInMapper {

        String LINES = """
                with line as (
                    select e.tried_at as at, a.display_name as account, true as tried, e.what, e.address as done_by, a.id,
                           a.clinic_id
                      from sign_in_event e join account a on a.id = e.account_id
                    union all
                    select e.done_at, a.display_name, false, e.what, coalesce(b.display_name, ''), a.id, a.clinic_id
                      from account_event e
                      join account a on a.id = e.account_id
                      left join account b on b.id = e.done_by
                )
                select at, account, tried, what, done_by from line
                """;

        @Insert("insert into sign_in_event (account_id, what, address) values (#{account}, #{outcome}, #{address})")
        int insert(@Nullable UUID account, Outcome outcome, String address);

        @Select("select id from account where sign_in_name = #{signInName}")
        @Nullable
        UUID findAccount(String signInName);

        @Select(LINES + "where clinic_id = #{clinic} order by at desc limit #{most}")
        List<Row> findByClinic(UUID clinic, int most);

        @Select(LINES + "where clinic_id = #{clinic} and id = #{account} order by at desc limit #{most}")
        List<Row> findByAccount(UUID clinic, UUID account, int most);
    }
}
