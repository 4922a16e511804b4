package waypost.app.teach;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** Teach-back: due until it was said and shown, due again after a lapse. */
@Tag("served")
class TeachTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    private final Working visit = Working.on(THERAPIST, 20);

    private Visitor.Answer teach(String rule, String... more) {
        Map<String, String> form =
                new HashMap<>(Map.of("teachId", UUID.randomUUID().toString(), "rule", rule));
        for (int nth = 0; nth < more.length; nth += 2) {
            form.put(more[nth], more[nth + 1]);
        }
        return visit.post("/teach-back", form);
    }

    private static int count(String text, String part) {
        return text.split(part, -1).length - 1;
    }

    @Test
    void aPrecautionIsDueUntilItWasSaidAndShownAndAgainAfterALapse() {
        String page = visit.get("/teach-back");
        int due = count(page, "Due: not taught back yet.");
        String rule = Working.hidden(page, "rule");
        assertThat(due).isPositive();

        assertThat(teach(rule).body()).contains("Tick what the patient has done");
        teach(rule, "said", "true");
        assertThat(visit.get("/teach-back")).contains("Due: said, not shown yet.");
        teach(rule, "said", "true", "shown", "true");
        assertThat(visit.get("/teach-back")).contains("Said and shown on Thu 3 Apr 2031, seen by Maren Arkwell.");
        assertThat(count(visit.get("/teach-back"), "Due: not taught back yet.")).isEqualTo(due - 1);

        teach(rule, "lapse", "sat down too low");
        assertThat(visit.get("/teach-back")).contains("Due again, it lapsed on Thu 3 Apr 2031: sat down too low.");
        assertThat(visit.get("/record")).contains("Precaution taught back", "Precaution lapsed");
    }

    /** What lapsed once is asked for again after it was known again: the page says from when. */
    @Test
    void whatWasMissedComesBack() {
        String rule = Working.hidden(visit.get("/teach-back"), "rule");
        teach(rule, "lapse", "sat down too low");
        teach(rule, "said", "true");
        assertThat(visit.get("/teach-back")).contains("Missed 2 times so far.");

        teach(rule, "said", "true", "shown", "true");
        assertThat(visit.get("/teach-back")).contains("Missed before: asked for once more from Thu 10 Apr 2031.");
    }

    @Test
    void aPrecautionIsDrawnAsItIsMeantAndAsItIsNot() {
        String page = visit.get("/teach-back");

        assertThat(page)
                .containsSubsequence(
                        "Meant", "Straight-leg raise", "Not meant", "Long arc", "No loaded open-chain straightening");
    }

    @Test
    void theCardsArePrintedInThePatientsLanguage() {
        assertThat(visit.get("/teach-back/print?language=de"))
                .contains("Noch nicht", "So nicht", "Knie strecken im Sitzen")
                .doesNotContain("Not like this");
        assertThat(visit.get("/teach-back/print?language=xx")).contains("Not like this");
    }

    @Test
    void aPrecautionThatIsNotInForceIsRefused() {
        assertThat(teach("no.such", "said", "true").status()).isEqualTo(422);
    }
}
