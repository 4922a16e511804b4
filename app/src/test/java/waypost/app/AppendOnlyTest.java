package waypost.app;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;
import waypost.app.testing.RunningWaypost;

/** The application's own database role can't rewrite what happened. */
@Tag("served")
class AppendOnlyTest {

    private final JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);

    @ParameterizedTest
    @ValueSource(
            strings = {
                "update reading set value = 0",
                "delete from reading",
                "update statement set side = 'LEFT'",
                "delete from signature",
                "update signature set wording = ''",
                "delete from advance",
                "delete from hold_end",
                "update surgeon_order set words = ''",
                "delete from surgeon_order",
                "update attestation set said_by = 'nobody'",
                "update bundle_file set text = ''",
                "update band set name = 'gold'",
                "delete from band_order",
                "update surgeon_message set words = ''",
                "delete from surgeon_message",
                "update note set words = ''",
                "delete from note",
                "update check_in set flags = ''",
                "delete from check_in",
                "delete from read_log",
                "delete from sign_in_event",
                "update sign_in_event set address = ''",
                "delete from account_event",
                "update account_event set done_by = account_id",
                "delete from patient_change",
                "delete from demo_data",
                "drop table reading",
                "truncate reading"
            })
    void refusesToRewriteThePast(String statement) {
        assertThatThrownBy(() -> jdbc.execute(statement))
                .rootCause()
                .hasMessageMatching("(?s).*(permission denied|must be owner).*");
    }
}
