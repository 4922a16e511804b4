package waypost.app.runner;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** What the full screen is given to follow. */
@Tag("served")
class RunnerTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");

    @Test
    void aSessionIsLedByItsBeats() {
        Working visit = Working.beginner(LEAD, 20).checkedIn();
        visit.measured("knee-flexion", "130");
        assertThat(visit.get("/run?role=bike-easy/both"))
                .contains("Pedal easily at 3 to 4 of 10 all along.")
                .contains("&quot;kind&quot;:&quot;clock&quot;")
                .contains("The least is done. On to 20 minutes while it stays easy.");
    }

    @Test
    void aRunningSessionIsATableOfStates() {
        Working visit = Working.strained(LEAD, 4).checkedIn();
        assertThat(visit.get("/run?role=run-1/both"))
                .contains("Speed up over 30 m, hold it for 10 m, slow down over 30 m.")
                .contains("&quot;kind&quot;:&quot;stages&quot;", "&quot;most&quot;:9");
        assertThat(visit.page("run-1/both")).contains("Lead it from the full screen");
    }

    /** What was run today is no longer left of the nine, whatever the stage. */
    @Test
    void whatWasRunTodayIsTakenOffTheNine() {
        Working visit = Working.strained(LEAD, 4).checkedIn();
        visit.log(visit.set("run-1/both", 7, 1));
        assertThat(visit.get("/run?role=run-1/both")).contains("&quot;most&quot;:2");
        visit.log(visit.set("run-2/both", 2, 1));
        assertThat(visit.get("/run?role=run-1/both")).contains("runner-closed").doesNotContain("&quot;most&quot;");
    }

    @Test
    void whoDidNotCheckInIsAskedFirst() {
        Working visit = Working.beginner(LEAD, 20);
        assertThat(LEAD.get("/courses/" + visit.id() + "/run?role=bike-easy/both")
                        .status())
                .isEqualTo(302);
    }

    @Test
    void whatIsNotOpenIsNotLed() {
        Working visit = Working.on(LEAD, 20).checkedIn();
        assertThat(visit.get("/run?role=run-5/both"))
                .contains("runner-closed", "Back to the visit")
                .doesNotContain("&quot;kind&quot;");
    }

    @Test
    void whatHasNoShapeSaysSo() {
        Working visit = Working.on(LEAD, 52).checkedIn();
        assertThat(visit.get("/run?role=heel-slide/operated"))
                .contains("Nothing of this exercise is counted or called here.");
    }

    @Test
    void whatIsNoExerciseIsNotFound() {
        Working visit = Working.on(LEAD, 52).checkedIn();
        for (String role : new String[] {"", "x", "no-such/both", "a/b/c"}) {
            assertThat(LEAD.get("/courses/" + visit.id() + "/run?role=" + role).status())
                    .as(role)
                    .isEqualTo(404);
        }
    }
}
