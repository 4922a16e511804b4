package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** A stored row that no rule can read takes down neither the day's list nor anybody else's course. */
@Tag("served")
class OddRowTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    private final JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);

    private UUID order(Working visit, UUID replaces) {
        UUID id = UUID.randomUUID();
        jdbc.update(
                "insert into surgeon_order (id, course_id, replaces, withdrawn, why, surgeon, words, kind, subject, allow,"
                        + " given_on, from_on, entered_by, entered_at) values (?, ?, ?, ?, 'put right', 'Dr Halloway',"
                        + " 'May begin.', 'LIMIT', 'no.such.limit', 'free', date '2031-04-03', date '2031-04-03', ?, now())",
                id,
                visit.id(),
                replaces,
                replaces != null,
                RunningWaypost.get().staff("therapist").id());
        return id;
    }

    private static void book(Working visit, String time) {
        THERAPIST.post(
                "/today/appointments",
                Map.of(
                        "appointmentId",
                        UUID.randomUUID().toString(),
                        "courseId",
                        visit.id().toString(),
                        "date",
                        "2031-06-11",
                        "time",
                        time));
    }

    @Test
    void leavesTheRestOfTheDayInPlace() {
        Working odd = Working.on(THERAPIST, 52);
        Working other = Working.on(THERAPIST, 30);
        book(odd, "10:00");
        book(other, "11:00");
        String before = THERAPIST.get("/today?on=2031-06-11").body();
        assertThat(before).contains("10:00", "11:00").doesNotContain("can't be read");
        UUID order = order(odd, null);
        try {
            Visitor.Answer today = THERAPIST.get("/today?on=2031-06-11");
            assertThat(today.status()).isEqualTo(200);
            assertThat(today.body()).contains("10:00", "11:00", other.path(), "This course can&#39;t be read");
            for (String place :
                    new String[] {"", "/work", "/record", "/measures", "/milestones", "/wrap-up", "/ahead"}) {
                Visitor.Answer own = THERAPIST.get(odd.path() + place);
                assertThat(own.status()).as(place).isEqualTo(409);
                assertThat(own.body())
                        .contains("This course can&#39;t be read", odd.id().toString());
            }
            assertThat(THERAPIST.get(Working.on(THERAPIST, 20).path()).status()).isEqualTo(200);
        } finally {
            order(odd, order);
        }
        assertThat(THERAPIST.get("/today?on=2031-06-11").body()).doesNotContain("can&#39;t be read");
    }
}
