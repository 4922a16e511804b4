package waypost.app.runner;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** What the scale is led by. */
@Tag("served")
class WeightTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");

    /** A new meniscus root: a share of the weight for weeks. */
    static Working root(Visitor therapist, int day) {
        return Working.on(therapist, day, "answer.meniscus-repair", "root").checkedIn();
    }

    @Test
    void withoutAMassThereIsNoShareOfIt() {
        assertThat(root(LEAD, 36).get("/weight")).contains("Weigh first").doesNotContain("weight-scale");
    }

    @Test
    void theBandFollowsFromTheLimitOfTheDay() {
        Working visit = root(LEAD, 36);
        visit.measured("body-mass", "80");
        assertThat(visit.get("/weight")).contains("of <span>80.0 kg</span>", "weight-scale", "LIVE LIVE LIVE AFTER");
    }

    @Test
    void whatWasCountedGoesOnRecord() {
        Working visit = root(LEAD, 36);
        visit.post(
                "/readings",
                Map.of(
                        "readingId", UUID.randomUUID().toString(),
                        "measure", "steps-in-weight",
                        "said", "7",
                        "side", "LEFT",
                        "mode", "ACTIVE",
                        "measuredOn", RunningWaypost.TODAY.toString(),
                        "strict", "true"));
        assertThat(visit.get("/measures/readings")).contains("Steps within the allowed weight, of ten");
    }
}
