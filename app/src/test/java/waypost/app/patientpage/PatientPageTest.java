package waypost.app.patientpage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.apache.commons.codec.digest.DigestUtils;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** The link to a patient's page: who gets in, what it shows, and what is sent back. */
@Tag("served")
class PatientPageTest {

    private static final Visitor THERAPIST = Visitor.signedIn("upriver");
    private static final int WRONG = 401;
    private static final int GONE = 410;
    private static final int WAIT = 429;

    private final JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);

    @Test
    void showsOnePatientsPlanAndNoName() {
        Visitor telephone = AtHome.begun(THERAPIST, 52).telephone();

        String page = telephone.get("/home/plan").body();
        assertThat(page)
                .contains("Your plan at home", "Heel slide", "2 rounds of 10 times", "2 times a day", "None of these")
                .contains("Easier:", "foot on a towel on a smooth floor.")
                .doesNotContain("Working Person", "WK-", "ligament reconstruction");
    }

    @Test
    void fiveWrongDatesSpendTheLinkAndTheRightOneComesTooLate() {
        AtHome home = AtHome.begun(THERAPIST, 52);
        String secret = home.secret();
        Visitor telephone = Visitor.stranger();
        for (int nth = 0; nth < 4; nth++) {
            assertThat(AtHome.open(telephone, secret, "1991-01-0" + (nth + 1))).isEqualTo(WRONG);
        }
        assertThat(AtHome.open(telephone, secret, "1991-01-09")).isEqualTo(GONE);
        assertThat(AtHome.open(telephone, secret, AtHome.BORN)).isIn(GONE, WAIT);
        assertThat(home.visit().get("/home/link")).contains("A wrong birth date was given 5 times");
    }

    @Test
    void anEndedLinkShutsTheTelephonesThatOpenedIt() {
        AtHome home = AtHome.begun(THERAPIST, 52);
        Visitor telephone = home.telephone();
        assertThat(home.visit().get("/home/link")).contains("One telephone has opened it.");
        home.visit().post("/home/link/end", Map.of());

        assertThat(telephone.get("/home/plan").location()).endsWith("/home");
        assertThat(telephone.postJson("/home/reports", "[]").status()).isEqualTo(WRONG);
    }

    @Test
    void aNewLinkEndsTheOneBefore() {
        AtHome home = AtHome.begun(THERAPIST, 52);
        String first = home.secret();
        String second = home.secret();
        assertThat(AtHome.open(Visitor.stranger(), first, AtHome.BORN)).isEqualTo(GONE);
        assertThat(AtHome.open(Visitor.stranger(), second, AtHome.BORN)).isEqualTo(204);
    }

    @Test
    void aLinkThatIsOverOpensNothing() {
        AtHome home = AtHome.begun(THERAPIST, 52);
        jdbc.update(
                "insert into home_link (secret_hash, course_id, made_by, expires_on) values (?, ?, ?, ?)",
                DigestUtils.sha256Hex("long-over"),
                home.visit().id(),
                RunningWaypost.get().staff("upriver").id(),
                RunningWaypost.TODAY.minusDays(1));

        assertThat(AtHome.open(Visitor.stranger(), "long-over", AtHome.BORN)).isEqualTo(GONE);
    }

    @Test
    void whoHasNoLinkSeesNothing() {
        assertThat(Visitor.stranger().get("/home/plan").location()).endsWith("/home");
        assertThat(AtHome.open(Visitor.stranger(), "made-up", AtHome.BORN)).isEqualTo(GONE);
        assertThat(AtHome.open(Visitor.stranger(), AtHome.begun(THERAPIST, 52).secret(), "whenever"))
                .isEqualTo(WRONG);
    }

    /** It opens nothing that staff see. */
    @Test
    void aTelephoneIsNobodyOfTheClinic() {
        AtHome home = AtHome.begun(THERAPIST, 52);
        Visitor telephone = home.telephone();
        for (String path :
                new String[] {"/today", home.visit().path(), home.visit().path() + "/home"}) {
            assertThat(telephone.get(path).location()).as(path).endsWith("/sign-in");
        }
    }

    private static String report(String id, String program, String more) {
        return "[{\"id\":\"" + id + "\",\"programId\":\"" + program + "\",\"role\":\"" + AtHome.SLIDE
                + "\",\"doneOn\":\"" + RunningWaypost.TODAY
                + "\",\"slot\":0,\"done\":true,\"tooMuch\":false,\"pain\":3,\"flag\":\"\",\"note\":\"\"" + more + "}]";
    }

    private int kept(AtHome home) {
        Integer kept = jdbc.queryForObject(
                "select count(*) from home_report where course_id = ?",
                Integer.class,
                home.visit().id());
        return kept == null ? 0 : kept;
    }

    @Test
    void whatIsSentTwiceIsKeptOnce() {
        AtHome home = AtHome.begun(THERAPIST, 52);
        Visitor telephone = home.telephone();
        String report = report(UUID.randomUUID().toString(), home.programId(), "");
        assertThat(telephone.postJson("/home/reports", report).status()).isEqualTo(200);
        assertThat(telephone.postJson("/home/reports", report).status()).isEqualTo(200);
        assertThat(kept(home)).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                ",\"pain\":11 | pain",
                ",\"slot\":99 | slot",
                ",\"role\":\"run-1/both\" | role",
                ",\"doneOn\":\"2031-01-01\" | doneOn",
                ",\"doneOn\":\"2199-01-01\" | doneOn"
            })
    void whatCannotBeIsRefusedByNameAndNothingIsKept(String more, String field) {
        AtHome home = AtHome.begun(THERAPIST, 52);
        Visitor telephone = home.telephone();
        Visitor.Answer refused =
                telephone.postJson("/home/reports", report(UUID.randomUUID().toString(), home.programId(), more));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains(field);
        assertThat(kept(home)).isZero();
    }

    @ParameterizedTest
    @ValueSource(strings = {"[null]", "[{}]", "{", "[1]", "[{\"id\":\"x\"}]", "null"})
    void whatIsNoReportIsRefused(String sent) {
        AtHome home = AtHome.begun(THERAPIST, 52);
        assertThat(home.telephone().postJson("/home/reports", sent).status()).isEqualTo(400);
        assertThat(kept(home)).isZero();
    }

    @ParameterizedTest
    @ValueSource(strings = {"{", "[]", "1", "null"})
    void whatIsNoKeyIsRefused(String sent) {
        assertThat(Visitor.stranger().postJson("/home/open", sent).status()).isEqualTo(400);
    }

    @Test
    void nobodyReportsOnAnothersProgram() {
        AtHome home = AtHome.begun(THERAPIST, 52);
        AtHome other = AtHome.begun(THERAPIST, 52);
        Visitor.Answer refused = home.telephone()
                .postJson("/home/reports", report(UUID.randomUUID().toString(), other.programId(), ""));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(kept(other)).isZero();
    }

    @Test
    void whatWasTooMuchWaitsForTheTherapist() {
        AtHome home = AtHome.begun(THERAPIST, 52);
        Visitor telephone = home.telephone();
        telephone.postJson(
                "/home/reports", report(UUID.randomUUID().toString(), home.programId(), ",\"tooMuch\":true"));
        assertThat(telephone.get("/home/plan").body()).contains("data-waits=\"true\"");
        home.write(Map.of("amount", "6"));
        assertThat(telephone.get("/home/plan").body()).contains("data-waits=\"false\"");
    }

    @Test
    void aTelephoneForgetsIt() {
        Visitor telephone = AtHome.begun(THERAPIST, 52).telephone();
        assertThat(telephone.postJson("/home/close", "").status()).isEqualTo(204);
        assertThat(telephone.get("/home/plan").location()).endsWith("/home");
    }
}
