package waypost.app.observation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;
import waypost.core.movement.Watched;

/** Movements watched: kept once, answering their milestone; asked for only where open; refused where something is missing. */
@Tag("served")
class ObservationPageTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    private final Working late = Working.on(THERAPIST, 52);

    private static Map<String, String> form(Watched movement, String... more) {
        Map<String, String> form =
                new HashMap<>(Map.of("watchId", UUID.randomUUID().toString(), "movement", movement.name()));
        movement.faults().forEach(fault -> {
            form.put("operated-" + fault, "NONE");
            form.put("other-" + fault, "NONE");
        });
        for (int nth = 0; nth < more.length; nth += 2) {
            form.put(more[nth], more[nth + 1]);
        }
        return form;
    }

    @Test
    void aFaultIsKeptOncePointsToWhatWorksAtItAndAnswersTheMilestone() {
        Map<String, String> form =
                form(Watched.GAIT, "operated-PELVIS_DROPS", "PLAIN", "other-PELVIS_DROPS", "SLIGHT", "painMost", "2");
        assertThat(late.post("/movement", form).status()).isEqualTo(302);
        assertThat(late.post("/movement", form).status()).isEqualTo(302);

        assertThat(late.get("/movement"))
                .containsOnlyOnce("pelvis drops to the free side, plain (other side slight). Pain 2 of 10.");
        assertThat(late.get("/record")).contains("Movement watched: gait", "pelvis drops plain slight");
        assertThat(late.get("/wrap-up")).contains("pelvis drops to the free side, plain", "Walks without a limp");
        assertThat(late.get("/measures/readings")).contains("watched, fault by fault");
    }

    @Test
    void onlyWhatHasNoFaultIsClean() {
        late.post("/movement", form(Watched.GAIT, "other-FOOT_SLAPS", "PLAIN"));

        assertThat(late.get("/movement")).contains("from the side: clean.");
    }

    /** One tap never says clean by itself; whoever saw nothing else says so. */
    @Test
    void whatIsNotMarkedIsCleanOnlyIfThatIsSaid() {
        Map<String, String> nothing =
                new HashMap<>(Map.of("watchId", UUID.randomUUID().toString(), "movement", "GAIT"));
        assertThat(late.post("/movement", nothing).status()).isEqualTo(422);
        nothing.put("restClean", "true");
        nothing.put("operated-KNEE_STIFF", "SLIGHT");
        assertThat(late.post("/movement", nothing).status()).isEqualTo(302);

        assertThat(late.get("/movement")).contains("from the side: knee kept stiff, slight (other side none).");
    }

    @Test
    void nobodyIsAskedForWhatIsNotOpen() {
        Working early = Working.on(THERAPIST, 1);

        assertThat(early.get("/movement")).contains("Not today.");
        assertThat(early.post("/movement", form(Watched.STEP_DOWN)).body()).contains("Nobody is asked for this today.");
        assertThat(early.get("/movement")).doesNotContain("Watched so far");
    }

    @Test
    void whatIsMissingOrWrongIsRefusedAndTheRestStaysOnThePage() {
        Map<String, String> half =
                form(Watched.GAIT, "operated-KNEE_STIFF", "PLAIN", "words", "stiff since the stairs");
        half.remove("other-KNEE_STIFF");
        Visitor.Answer refused = late.post("/movement", half);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains("Not everything is marked.", "stiff since the stairs");

        assertThat(late.post("/movement", form(Watched.GAIT, "painFrom", "40")).body())
                .contains("Found an angle at which pain begins, and no pain.");
        assertThat(late.post("/movement", form(Watched.GAIT, "painMost", "11")).status())
                .isEqualTo(422);
        assertThat(late.post("/movement", Map.of("movement", "DANCE")).status()).isEqualTo(422);
        assertThat(late.get("/movement")).doesNotContain("Watched so far");
    }
}
