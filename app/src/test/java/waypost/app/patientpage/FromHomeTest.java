package waypost.app.patientpage;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** What a patient said at home reaches the check-in, and a named person where somebody has to look. */
@Tag("served")
class FromHomeTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");
    private static final LocalDate YESTERDAY = RunningWaypost.TODAY.minusDays(1);

    private final JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);

    private AtHome home;
    private Visitor telephone;

    @BeforeEach
    void begin() {
        home = AtHome.begun(LEAD, 52);
        telephone = home.telephone();
    }

    private void says(String more) {
        says(YESTERDAY, more);
    }

    private void says(LocalDate on, String more) {
        String report = "[{\"id\":\"" + UUID.randomUUID() + "\",\"programId\":\"" + home.programId()
                + "\",\"role\":\"" + AtHome.SLIDE + "\",\"doneOn\":\"" + on
                + "\",\"slot\":0,\"done\":true,\"tooMuch\":false,\"pain\":null,\"flag\":\"\",\"note\":\"\"" + more
                + "}]";
        assertThat(telephone.postJson("/home/reports", report).status()).isEqualTo(200);
    }

    /** The lines of this patient on today's page. */
    private String waiting() {
        String all = LEAD.get("/today/home").body();
        int at = all.indexOf("/courses/" + home.visit().id());
        return at < 0 ? "" : all.substring(at, all.indexOf("</li>", at));
    }

    @Test
    void theCheckInIsFilledInFromThePage() {
        says(",\"slot\":0,\"pain\":2");
        says(",\"slot\":1,\"done\":false,\"note\":\"was away\"");

        assertThat(home.visit().get("/check-in"))
                .contains(
                        "From the patient's page, seven days:",
                        "done 1, not done 1, pain up to 2",
                        "says: was away",
                        "autocomplete=\"off\" value=\"1\"");
    }

    @Test
    void nothingWaitsWhereAllWentWell() {
        says(",\"pain\":3");
        assertThat(waiting()).isEmpty();
    }

    @Test
    void aSignToRingForWaitsUntilSomebodyLooked() {
        says(",\"role\":\"\",\"flag\":\"calf\",\"done\":false");
        assertThat(waiting()).contains("said yes to a sign to ring for (calf) on Wed 2 Apr 2031", "for ");
        assertThat(home.visit().post("/home/seen", Map.of()).status()).isEqualTo(302);
        assertThat(waiting()).isEmpty();
    }

    @Test
    void tooMuchAndPainAboveTheRuleWait() {
        says(",\"slot\":0,\"tooMuch\":true");
        says(",\"slot\":1,\"pain\":6");
        assertThat(waiting())
                .contains("Heel slide was too much on Wed 2 Apr 2031", "Heel slide: pain 6 of 10, allowed 3");
        home.visit().post("/home/seen", Map.of());
        says(",\"slot\":1,\"pain\":7");
        assertThat(waiting()).contains("pain 7 of 10").doesNotContain("pain 6");
    }

    @Test
    void whoGoesQuietIsNoticedAfterTwoDays() {
        assertThat(waiting()).isEmpty();
        jdbc.update(
                """
                insert into home_program (id, course_id, follows, starts_on, ends_on, wakes_at, sleeps_at, language, pain_most,
                                          written_by)
                select gen_random_uuid(), course_id, id, ?, ?, wakes_at, sleeps_at, language, pain_most, written_by
                  from home_program where course_id = ?
                """,
                RunningWaypost.TODAY.minusDays(9),
                RunningWaypost.TODAY.plusDays(3),
                home.visit().id());
        jdbc.update("""
                insert into home_line (course_id, program_id, place, role, title, sets, aim, times)
                select h.course_id, h.id, 0, 'heel-slide/operated', 'Heel slide', 2, '10 reps', 2
                  from home_program h where h.course_id = ? and h.follows is not null
                """, home.visit().id());
        assertThat(waiting()).contains("nothing ticked since Tue 25 Mar 2031");
        says(RunningWaypost.TODAY.minusDays(1), "");
        assertThat(waiting()).isEmpty();
    }
}
