package waypost.app.milestone;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** Decisions on milestones keep the evidence as it was shown. */
@Tag("served")
class DecisionsTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static int numbers;

    private static String newCourse(int daysAgo) {
        Map<String, String> form = Referring.form("Decided Person", "DE-" + ++numbers, daysAgo);
        THERAPIST.post("/courses", form);
        return "/courses/" + form.get("courseId");
    }

    private static void keep(String course, String measure, String side, String said) {
        THERAPIST.postPart(
                course + "/sheet/" + measure,
                new HashMap<>(Map.of(
                        "entryId", UUID.randomUUID().toString(), "side", side, "mode", "PASSIVE", "said", said)));
    }

    @Test
    void theTableSaysWhatIsRequiredFoundAndNext() {
        String course = newCourse(12);
        keep(course, "knee-flexion", "RIGHT", "0-0-140");
        keep(course, "knee-flexion", "LEFT", "0-0-92");

        assertThat(THERAPIST.get(course + "/milestones").body())
                .contains("What to do next", "Bend of 90°", "pending", "Measure again on another day.", "± 5°")
                .contains("Measure it today.", "the usual tool, ");
    }

    @Test
    void aStiffKneeIsToldEverywhereWithADraftForTheSurgeon() {
        String course = newCourse(40);
        keep(course, "knee-extension", "RIGHT", "0");
        keep(course, "knee-extension", "LEFT", "-15");

        assertThat(THERAPIST.get(course).body()).contains("strip-overdue", "call the surgeon about early stiffness");
        assertThat(THERAPIST.get(course + "/milestones").body())
                .contains("Behind what is expected:", "Please tell us how to go on")
                .contains("Visits: <span>Call the surgeon</span>", "the call does not wait for that");
    }

    @Test
    void aMessageToTheSurgeonIsKeptOnceWithItsEvidence() {
        String course = newCourse(40);
        keep(course, "knee-extension", "LEFT", "-15");
        Map<String, String> form =
                Map.of("messageId", UUID.randomUUID().toString(), "words", "Stiff at five weeks. What now?");

        assertThat(THERAPIST.post(course + "/messages", form).status()).isEqualTo(302);
        THERAPIST.post(course + "/messages", form);

        assertThat(THERAPIST.get(course + "/record").body())
                .containsOnlyOnce("Stiff at five weeks. What now?")
                .contains("Message to the surgeon", "Shown with it:", "Not before ");
        assertThat(THERAPIST
                        .post(
                                course + "/messages",
                                Map.of("messageId", UUID.randomUUID().toString(), "words", " "))
                        .body())
                .contains("Found 0 characters, allowed: 3 to 4000");
    }

    @Test
    void aHoldKeepsWhatWasSeen() {
        String course = newCourse(12);
        keep(course, "knee-flexion", "LEFT", "0-0-92");

        THERAPIST.post(
                course + "/holds",
                Map.of(
                        "holdId",
                        UUID.randomUUID().toString(),
                        "why",
                        "hot and swollen",
                        "reviewOn",
                        RunningWaypost.TODAY.plusDays(2).toString()));

        assertThat(THERAPIST.get(course + "/record").body()).contains("hot and swollen", "Bend of 90°: pending");
    }

    @Test
    void theWaySaysWhatBlocksAndWhatChanged() {
        String course = newCourse(12);

        assertThat(THERAPIST.get(course).body()).contains("Straight and bending: not before ", "missing ");
    }
}
