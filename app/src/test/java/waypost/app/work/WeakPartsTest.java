package waypost.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** The next block says what is weak, and what may be added for it. */
@Tag("served")
class WeakPartsTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    private final Working visit = Working.on(THERAPIST, 52).checkedIn();

    private void measured(String side, String value) {
        measured("quadriceps-torque-90", "ACTIVE", side, value);
    }

    private void measured(String measure, String mode, String side, String value) {
        Map<String, String> form = new HashMap<>(Map.of(
                "readingId",
                UUID.randomUUID().toString(),
                "measure",
                measure,
                "mode",
                mode,
                "said",
                value,
                "measuredOn",
                RunningWaypost.TODAY.toString(),
                "strict",
                "true"));
        form.put("side", side);
        visit.post("/readings", form);
    }

    @Test
    void saysItBesideTheBlockToBeWritten() {
        assertThat(visit.get("/plan")).doesNotContain("What is weak");

        measured("LEFT", "60");
        measured("RIGHT", "150");

        assertThat(visit.get("/plan"))
                .contains(
                        "What is weak",
                        "Quadriceps strength, held at 90 degrees",
                        "60 of 150 N·m, 40 % of the other side: weak.");
    }

    @Test
    void whatIsLimitedStandsWithWhatHoldsAGain() {
        assertThat(visit.get("/plan")).doesNotContain("What is limited");

        measured("knee-flexion", "PASSIVE", "LEFT", "70");

        assertThat(visit.get("/plan"))
                .contains("What is limited, and what holds a gain", "70° on Thu 3 Apr 2031", "° short of ");
    }
}
