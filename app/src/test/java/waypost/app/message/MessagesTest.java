package waypost.app.message;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** Messages to patients: who agreed, what is said, and a carrier that fails on purpose. */
@Tag("served")
class MessagesTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");
    private static final int MANY = 10_000;

    private final JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);
    private final Messages messages = RunningWaypost.get().bean(Messages.class);
    private final SimulatedGateway carrier = RunningWaypost.get().bean(SimulatedGateway.class);

    private static Working patient() {
        return Working.on(LEAD, 52);
    }

    private static void agree(Working visit, String channel, String address) {
        assertThat(visit.post("/home/messages", Map.of("channel", channel, "address", address))
                        .status())
                .isEqualTo(302);
    }

    private List<String> states(Working visit) {
        return jdbc.queryForList(
                "select state from message where course_id = ? order by nth", String.class, visit.id());
    }

    /** Hands over until nothing is due any more, as the minutes pass. */
    private void drain() {
        Instant now = Instant.parse("2031-05-01T00:00:00Z");
        for (int nth = 0; nth < 1000; nth++) {
            if (messages.sendDue(now) == 0) {
                now = now.plus(Duration.ofHours(3));
                if (messages.sendDue(now) == 0) {
                    return;
                }
            }
        }
    }

    @Test
    void whoDidNotAgreeIsNotWrittenTo() {
        Working visit = patient();
        messages.planIsReady(visit.id(), UUID.randomUUID());
        assertThat(states(visit)).isEmpty();
    }

    @Test
    void whoAgreedIsToldOnceAndWhoWithdrawsNoMore() {
        Working visit = patient();
        agree(visit, "TEXT", "+43 660 1234567");
        UUID program = UUID.randomUUID();
        messages.planIsReady(visit.id(), program);
        messages.planIsReady(visit.id(), program);
        drain();
        assertThat(states(visit)).containsExactly("SENT");
        assertThat(visit.get("/home/messages")).contains("Your plan is ready.", "sent", "+43 660 1234567");

        messages.planIsReady(visit.id(), UUID.randomUUID());
        agree(visit, "NONE", "");
        drain();
        assertThat(states(visit)).containsExactly("SENT", "WITHDRAWN");
    }

    @Test
    void whereNobodyIsItBounces() {
        Working visit = patient();
        agree(visit, "MAIL", "nobody@example.org");
        messages.planIsReady(visit.id(), UUID.randomUUID());
        drain();
        assertThat(states(visit)).containsExactly("BOUNCED");
    }

    @ParameterizedTest
    @CsvSource({"TEXT, 0660 1234", "TEXT, call me", "MAIL, somebody", "MAIL, a@b", "PIGEON, +43 660 1234567"})
    void anAddressThatCannotBeIsRefused(String channel, String address) {
        Visitor.Answer refused = patient().post("/home/messages", Map.of("channel", channel, "address", address));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains("allowed:", address);
    }

    /** One in five is refused at first, one in seven is taken without an answer: all arrive, each once, and say nothing. */
    @Test
    void ofTenThousandNoneIsLostNoneDoubledAndNoneTells() {
        Working visit = patient();
        agree(visit, "TEXT", "+43 660 7654321");
        jdbc.update("""
                insert into message (id, course_id, occasion, channel, address, body, due_at)
                select gen_random_uuid(), ?, 'many ' || n, 'TEXT', '+43 660 7654321', 'Your plan is ready.', timestamptz '2031-04-30'
                  from generate_series(1, ?) n
                """, visit.id(), MANY);
        drain();

        assertThat(states(visit)).hasSize(MANY).containsOnly("SENT");
        List<Gateway.Outgoing> taken = carrier.outbox().stream()
                .filter(each -> each.address().equals("+43 660 7654321"))
                .toList();
        assertThat(taken).hasSize(MANY);
        assertThat(taken.stream().map(Gateway.Outgoing::id)).doesNotHaveDuplicates();
        assertThat(taken.stream().map(Gateway.Outgoing::body))
                .containsOnly("Your plan is ready.")
                .noneMatch(body -> body.contains("Working"));
        Integer again = jdbc.queryForObject(
                "select count(*) from message where course_id = ? and tries > 1", Integer.class, visit.id());
        assertThat(again).isBetween(MANY / 5, MANY / 2);
    }

    @Test
    void anotherClinicReadsNothingInItsOutbox() {
        Working visit = patient();
        agree(visit, "TEXT", "+43 660 1111111");
        messages.planIsReady(visit.id(), UUID.randomUUID());
        drain();
        assertThat(LEAD.get("/clinic/outbox").body()).contains("+43 660 1111111");
        assertThat(Visitor.signedIn("lead").get("/clinic/outbox").body()).doesNotContain("+43 660 1111111");
    }

    @Test
    void aVisitIsToldOfWithItsDayAndTimeAloneAndNotWhenItIsCalledOff() {
        Working visit = patient();
        agree(visit, "TEXT", "+43 660 2222222");
        UUID appointment = UUID.randomUUID();
        LEAD.post(
                "/today/appointments",
                Map.of(
                        "appointmentId", appointment.toString(),
                        "courseId", visit.id().toString(),
                        "patient", "Working Person",
                        "date", RunningWaypost.TODAY.plusDays(1).toString(),
                        "time", "15:30"));
        messages.remind();
        messages.remind();
        assertThat(jdbc.queryForList("select body from message where course_id = ?", String.class, visit.id()))
                .containsExactly("You have a visit on Friday 4 April at 15:30.");

        jdbc.update("update appointment set state = 'CANCELLED' where id = ?", appointment);
        drain();
        assertThat(states(visit)).containsExactly("WITHDRAWN");
    }
}
