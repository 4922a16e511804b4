package waypost.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Visitor;

/** What works for a patient is remembered and stands on the exercise from then on. */
@Tag("served")
class TrickTest {

    private static final String SLIDE = "heel-slide/operated";

    private final Working visit = Working.on(Visitor.signedIn("therapist"), 52).checkedIn();

    private static Map<String, String> form(String words) {
        return Map.of("trickId", UUID.randomUUID().toString(), "role", SLIDE, "words", words);
    }

    @Test
    void theLastOneHoldsAndBlankTakesItBack() {
        Map<String, String> towel = form("a towel under the heel <b>");
        assertThat(visit.post("/tricks", towel).status()).isEqualTo(302);
        visit.post("/tricks", towel);
        assertThat(visit.page(SLIDE)).contains("What works", "a towel under the heel &lt;b&gt;", "Maren Arkwell");

        visit.by(Visitor.signedIn("assistant")).post("/tricks", form("hum a tune"));
        assertThat(visit.page(SLIDE)).contains("hum a tune").doesNotContain("a towel under");
        assertThat(visit.get("/record"))
                .containsOnlyOnce("a towel under the heel")
                .contains("hum a tune");

        visit.post("/tricks", form(""));
        assertThat(visit.page(SLIDE)).contains("Remember what works").doesNotContain("hum a tune");
    }

    @Test
    void itStandsOnNoOtherExerciseAndInNoOtherClinic() {
        visit.post("/tricks", form("hum a tune"));

        assertThat(visit.page("quad-set/operated")).doesNotContain("hum a tune");
        assertThat(visit.by(Visitor.signedIn("upriver"))
                        .post("/tricks", form("mine"))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void wrongInputIsRefused() {
        assertThat(visit.post("/tricks", form("x".repeat(201))).status()).isEqualTo(422);
        assertThat(visit.post("/tricks", Map.of("trickId", "1", "role", SLIDE, "words", "x"))
                        .status())
                .isEqualTo(422);
        assertThat(visit.post(
                                "/tricks",
                                Map.of("trickId", UUID.randomUUID().toString(), "role", "no-such/role", "words", "x"))
                        .status())
                .isEqualTo(404);
    }
}
