package waypost.app.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** Treatment by hand: kept with what it gained, refused where the form is wrong, kept against the gate only with a reason. */
@Tag("served")
class TreatmentTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    private final Working visit = Working.on(THERAPIST, 20);

    private static Map<String, String> form(String... more) {
        Map<String, String> form = new HashMap<>(Map.of(
                "treatmentId",
                UUID.randomUUID().toString(),
                "measure",
                "knee-flexion",
                "technique",
                "CARRIED",
                "structure",
                "front of the knee",
                "minutes",
                "5",
                "before",
                "60",
                "after",
                "68"));
        for (int nth = 0; nth < more.length; nth += 2) {
            form.put(more[nth], more[nth + 1]);
        }
        return form;
    }

    @Test
    void whatWasDoneIsKeptOnceWithWhatItGainedAndStandsInNoteAndRecord() {
        Map<String, String> form = form("heldBy", "heel-slide/operated");
        assertThat(visit.post("/treatment", form).status()).isEqualTo(302);
        assertThat(visit.post("/treatment", form).status()).isEqualTo(302);

        assertThat(visit.get("/treatment"))
                .containsOnlyOnce("front of the knee")
                .contains("60° before, 68° after: 8° gained.", "Held by: Heel slide.");
        assertThat(visit.get("/wrap-up")).contains("By hand, Knee flexion: carried");
        assertThat(visit.get("/record")).contains("Treated by hand: knee-flexion");
    }

    /** A knee that lacks 12° and then 4° has gained 8°, typed and told as it is said. */
    @Test
    void whatLacksIsTypedAndToldAsItIsSaid() {
        visit.post("/treatment", form("measure", "knee-extension", "before", "-12", "after", "-4"));

        assertThat(visit.get("/treatment")).contains("−12° before, −4° after: 8° gained.");
    }

    @Test
    void lessThanTheErrorIsNoGain() {
        visit.post("/treatment", form("after", "63"));

        assertThat(visit.get("/treatment")).contains("60° before, 63° after: no change that a goniometer can tell.");
    }

    @Test
    void whatTheGateObjectsToIsKeptOnlyWithAReason() {
        Map<String, String> beyond = form("technique", "HELD_STRETCH", "before", "80", "after", "150");
        Visitor.Answer refused = visit.post("/treatment", beyond);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body())
                .contains("If it was done, say why.", "Why it was done all the same", "value=\"150\"")
                .doesNotContain("Treated so far");

        beyond.put("despite", "asked for by the surgeon by telephone");
        assertThat(visit.post("/treatment", beyond).status()).isEqualTo(302);
        assertThat(visit.get("/treatment"))
                .contains("Done although: ", "Because: asked for by the surgeon by telephone");
    }

    @Test
    void wrongInputIsRefusedByFieldAndKeptOnThePage() {
        assertThat(visit.post("/treatment", form("measure", "")).body()).contains("Choose the range that was treated.");
        assertThat(visit.post("/treatment", form("measure", "grip-strength")).status())
                .isEqualTo(422);
        assertThat(visit.post("/treatment", form("minutes", "0")).body()).contains("allowed are 1 to 60");
        assertThat(visit.post("/treatment", form("minutes", "a while")).status())
                .isEqualTo(422);
        assertThat(visit.post("/treatment", form("before", "straight")).body())
                .contains("allowed: a number of degrees");
        assertThat(visit.post("/treatment", form("after", "400")).body()).contains("allowed: ");
        assertThat(visit.post("/treatment", form("technique", "THRUST")).status())
                .isEqualTo(422);
        assertThat(visit.post("/treatment", form("heldBy", "single-leg-hop/operated"))
                        .status())
                .isEqualTo(422);
        assertThat(visit.post("/treatment", form("structure", "x".repeat(101))).body())
                .contains("allowed: up to 100");
        assertThat(visit.get("/treatment")).doesNotContain("Treated so far");
    }
}
