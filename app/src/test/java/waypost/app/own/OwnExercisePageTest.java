package waypost.app.own;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** A clinic makes exercises of its own; they are on its racks alone, and close with their models. */
@Tag("served")
class OwnExercisePageTest {

    private static final Visitor UPRIVER = Visitor.signedIn("upriver");
    private static final String MODEL = "heel-slide";

    private final Working visit = Working.on(UPRIVER, 52).checkedIn();

    private static Map<String, String> form(String title) {
        String page = UPRIVER.get("/own-exercises/new?model=" + MODEL).body();
        return new HashMap<>(Map.of(
                "entryId",
                Working.hidden(page, "entryId"),
                "model",
                MODEL,
                "title",
                title,
                "motion",
                "KNEE_FLEXION",
                "from",
                "",
                "to",
                "60",
                "sets",
                "2",
                "aim",
                "8 to 12 reps",
                "frequency",
                "4 a day"));
    }

    /** Made for the course, and its id as its panel is addressed by. */
    private String made(Map<String, String> form) {
        form.put("course", visit.id().toString());
        Visitor.Answer answer = UPRIVER.post("/own-exercises", form);
        assertThat(answer.status()).isEqualTo(302);
        return answer.location().substring(answer.location().indexOf("rung=") + "rung=".length());
    }

    @Test
    void itIsOnTheRackIsPlannedAndIsDone() {
        Map<String, String> form = form("Slide to the mark");
        String role = made(form);
        assertThat(UPRIVER.post("/own-exercises", form).status())
                .as("sent twice")
                .isEqualTo(302);

        assertThat(visit.get("?rung=" + role))
                .contains("Slide to the mark", "2 × 8 to 12 reps")
                .doesNotContain("Make one of our own from it");
        Visitor.Answer added = visit.plan("ADD", role, "");
        assertThat(added.status()).as(added.body()).isEqualTo(302);
        assertThat(visit.page(role)).contains("Slide to the mark");
        assertThat(visit.log(visit.set(role, 10, 1)).status()).isLessThan(400);
        assertThat(visit.get("/record")).contains(role);
        assertThat(UPRIVER.get("/own-exercises").body())
                .containsOnlyOnce(">Slide to the mark<")
                .contains("knee flexion 0° to 60°");
    }

    @Test
    void whoBarsTheModelBarsIt() {
        String role = made(form("Slide for a bar"));
        assertThat(visit.get("?rung=" + role)).doesNotContain("sore behind the knee");

        visit.post(
                "/narrowings",
                Map.of(
                        "narrowingId",
                        UUID.randomUUID().toString(),
                        "what",
                        "BARS:" + MODEL,
                        "allow",
                        "",
                        "until",
                        "",
                        "narrowWhy",
                        "sore behind the knee"));

        assertThat(visit.get("?rung=" + MODEL + "/operated")).contains("sore behind the knee");
        assertThat(visit.get("?rung=" + role)).contains("sore behind the knee");
    }

    /** It stays known, since it was done; it is covered by no protocol any more. */
    @Test
    void retiredItIsOfferedNoMore() {
        String role = made(form("Slide that goes"));
        visit.log(visit.set(role, 10, 1));
        String id = role.substring(0, role.indexOf('/'));

        assertThat(UPRIVER.post("/own-exercises/" + id + "/retire", Map.of()).status())
                .isEqualTo(302);

        assertThat(visit.plan("ADD", role, "").status()).isEqualTo(422);
        assertThat(visit.get("/record")).contains(role);
        assertThat(UPRIVER.get("/own-exercises").body()).contains("no more");
    }

    @Test
    void anotherClinicDoesNotKnowIt() {
        String role = made(form("Slide of the river"));
        Visitor therapist = Visitor.signedIn("therapist");
        Working other = Working.on(therapist, 52);

        assertThat(therapist.get("/own-exercises").body()).doesNotContain("Slide of the river");
        assertThat(other.get("")).doesNotContain("Slide of the river");
        assertThat(other.plan("ADD", role, "").status()).isEqualTo(422);
        assertThat(therapist
                        .post("/own-exercises/" + role.substring(0, role.indexOf('/')) + "/retire", Map.of())
                        .status())
                .isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource({
        "to,150,which goes beyond the model",
        "from,90,allowed: within 0 to 130",
        "to,wide,allowed: whole degrees",
        "motion,SHOULDER_FLEXION,allowed: of what the model moves",
        "motion,NOTHING,Found &#39;NOTHING&#39;",
        "load,4 kg,the model holds none",
        "title,,allowed: 3 to 80",
        "aim,often,Found &#39;often&#39;",
        "aim,30 contacts,allowed: reps as the model counts",
        "sets,21,Allowed: a whole number",
        "frequency,now and then,allowed: such as",
        "entryId,7,This form is damaged"
    })
    void whatAsksMoreOrCannotBeReadIsRefused(String field, String value, String message) {
        Map<String, String> form = form("Slide refused");
        form.put(field, value == null ? "" : value);
        if (field.equals("from")) {
            form.put("to", "150");
            form.put("from", "140");
        }

        Visitor.Answer refused = UPRIVER.post("/own-exercises", form);

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).containsIgnoringCase(message);
        assertThat(UPRIVER.get("/own-exercises").body()).doesNotContain("Slide refused");
    }

    /** A higher step asks more of the knee, a lower one of the ankle; a hand on the rail asks less. */
    @ParameterizedTest
    @CsvSource({
        "step height: 15 cm,422",
        "step height: 10 cm,302",
        "step height: 5 cm,422",
        "hands: one on the rail,302",
        "step height: 90 cm,422"
    })
    void noSetUpThatAsksMore(String setUp, int status) {
        String page = UPRIVER.get("/own-exercises/new?model=step-up").body();
        Map<String, String> form = new HashMap<>(Map.of(
                "entryId",
                Working.hidden(page, "entryId"),
                "model",
                "step-up",
                "title",
                "Step, " + setUp,
                "setUp",
                setUp,
                "sets",
                "2",
                "aim",
                "8 reps",
                "frequency",
                "3 a week"));

        Visitor.Answer answer = UPRIVER.post("/own-exercises", form);

        assertThat(answer.status()).as(answer.body()).isEqualTo(status);
    }

    @Test
    void anExerciseThatIsNoneIsNotFound() {
        assertThat(UPRIVER.get("/own-exercises/new?model=no-such").status()).isEqualTo(404);
        assertThat(UPRIVER.get("/own-exercises/new").status()).isEqualTo(404);
    }
}
