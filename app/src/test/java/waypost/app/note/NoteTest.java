package waypost.app.note;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;
import waypost.library.words.Dates;

/** Wrapping up: the draft, signing, amending, countersigning, what goes home and on paper. */
@Tag("slow")
class NoteTest {

    private static final String SQUAT = "heel-slide/operated";
    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final Visitor ASSISTANT = Visitor.signedIn("assistant");

    private final Working visit = worked();

    private static Working worked() {
        Working visit = Working.on(THERAPIST, 52).checkedIn("words", "slept on the other side", "sleep", "WOKE");
        visit.log(visit.set(SQUAT, 10, 2));
        visit.log(visit.set(SQUAT, 8, 3));
        return visit;
    }

    private static Map<String, String> form(String page) {
        return new HashMap<>(Map.of(
                "noteId", Working.hidden(page, "noteId"),
                "shown", Working.hidden(page, "shown"),
                "ownWords", "Moves with more trust.",
                "painNow", "2",
                "nextOn", "2031-04-07"));
    }

    @Test
    void theDraftSaysWhatWasLoggedAndNothingElse() {
        assertThat(visit.get("/wrap-up"))
                .contains(
                        "Pain now 1 of 10. Swelling none. Woke with it. No red flag. Says: slept on the other side.",
                        "Heel slide: 10, 8 reps (asked 3 × 10 reps), pain at most 3.",
                        "Milestones met: ",
                        "The protocol writes ");
    }

    @Test
    void aSignedNoteStaysAndIsAmendedByAnother() {
        String page = visit.get("/wrap-up");
        assertThat(visit.post("/wrap-up", form(page)).status()).isEqualTo(302);
        String signed = visit.get("/wrap-up");
        assertThat(signed).contains("Signed by Maren Arkwell", "Moves with more trust.", "Next visit: 2031-04-07");
        String id = signed.replaceAll("(?s).*?/notes/([0-9a-f-]{36})\\.txt.*", "$1");

        String amending = visit.get("/wrap-up?amends=" + id);
        Map<String, String> again = form(amending);
        again.put("amends", id);
        assertThat(visit.post("/wrap-up", again).body()).contains("allowed: a reason of 3 to 300");
        again.put("why", "the knee, not the hip");
        again.put("ownWords", "It is the knee.");
        assertThat(visit.post("/wrap-up", again).status()).isEqualTo(302);

        assertThat(visit.get("/wrap-up"))
                .contains("Amends the one before: the knee, not the hip", "Amended since; kept as it was.")
                .contains("Moves with more trust.", "It is the knee.");
        assertThat(visit.get("/record")).contains("Note of the visit, amended: the knee, not the hip");
    }

    /** Nobody is booked into the past: neither the appointment nor the note is written. */
    @Test
    void aBookingThatFailsLeavesNoNote() {
        String page = visit.get("/wrap-up");
        Map<String, String> form = form(page);
        form.put("nextOn", "2031-04-01");
        form.put("nextAt", "10:00");

        Visitor.Answer answer = visit.post("/wrap-up", form);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains("allowed: today or later", "Moves with more trust.");
        assertThat(visit.get("/wrap-up")).doesNotContain("Signed by Maren Arkwell");
        assertThat(visit.get("/record")).doesNotContain("Note of the visit");
    }

    @Test
    void whatWasLoggedSinceIsLookedAtBeforeSigning() {
        Map<String, String> form = form(visit.get("/wrap-up"));
        visit.log(visit.set(SQUAT, 10, 0));

        Visitor.Answer answer = visit.post("/wrap-up", form);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains("Something was logged since this page was shown.", "Moves with more trust.");
    }

    @Test
    void anAssistantHandsInAndATherapistCountersigns() {
        Working assistant = visit.by(ASSISTANT);
        assertThat(assistant.post("/wrap-up", form(assistant.get("/wrap-up"))).status())
                .isEqualTo(302);
        String waiting = visit.get("/wrap-up");
        assertThat(waiting).contains("Written by Bram Yarrow", "not countersigned yet", "Countersign</button>");
        assertThat(assistant.get("/wrap-up")).doesNotContain("Countersign</button>");
        String id = waiting.replaceAll("(?s).*?/notes/([0-9a-f-]{36})\\.txt.*", "$1");
        assertThat(assistant.post("/notes/" + id + "/countersign", Map.of()).status())
                .isEqualTo(403);

        visit.post("/notes/" + id + "/countersign", Map.of());

        assertThat(visit.get("/wrap-up")).contains("countersigned by Maren Arkwell");
        assertThat(visit.get("/record")).contains("Countersigned the note of Bram Yarrow");
    }

    @Test
    void theNoteIsTextAndPdf() {
        visit.post("/wrap-up", form(visit.get("/wrap-up")));
        String id = visit.get("/wrap-up").replaceAll("(?s).*?/notes/([0-9a-f-]{36})\\.txt.*", "$1");

        assertThat(visit.get("/notes/" + id + ".txt"))
                .startsWith("Visit of 2031-04-03\nWorking Person, no. WK-")
                .contains("\nSubjective\n", "\nObjective\nHeel slide: ", "\nIn the therapist's own words\nMoves with")
                .endsWith("Signed by Maren Arkwell on 2031-04-03 at 10:00.\n");
        assertThat(visit.get("/notes/" + id + ".pdf")).startsWith("%PDF-");
        assertThat(visit.get("/notes/" + id + "/print")).contains("Note of a visit", "As PDF");
        assertThat(THERAPIST
                        .get(visit.path() + "/notes/" + UUID.randomUUID() + ".txt")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void setsAndNotesGoIntoTheCourseFile() {
        visit.post("/wrap-up", form(visit.get("/wrap-up")));

        assertThat(visit.get("/course.yaml"))
                .contains("role: heel-slide/operated", "Moves with more trust.")
                .doesNotContain("Working Person", "Maren Arkwell on");
    }

    @Test
    void aVisitLeftOpenIsFoundAgainAndItsNoteWritten() {
        Map<String, String> late = visit.set(SQUAT, 9, 0);
        late.put(
                "doneAt",
                RunningWaypost.TODAY
                        .minusDays(2)
                        .atTime(8, 0)
                        .toInstant(ZoneOffset.UTC)
                        .toString());
        visit.log(late);

        assertThat(visit.get("/wrap-up")).contains("The visit of Tue 1 Apr 2031 is open: no note yet.");
        String earlier = visit.get("/wrap-up?on=2031-04-01");
        assertThat(earlier).contains("Heel slide: 9 reps");
        Map<String, String> form = form(earlier);
        form.put("visitedOn", "2031-04-01");
        assertThat(visit.post("/wrap-up", form).status()).isEqualTo(302);

        assertThat(visit.get("/wrap-up"))
                .doesNotContain("is open: no note yet.")
                .contains("Visit of 2031-04-01");
    }

    @Test
    void aNextVisitWithATimeIsBooked() {
        Map<String, String> form = form(visit.get("/wrap-up"));
        form.put("nextAt", "10:30");

        assertThat(visit.post("/wrap-up", form).status()).isEqualTo(302);

        assertThat(THERAPIST.get("/today?on=2031-04-07").body()).contains("Working Person");
        assertThat(Dates.say(java.time.LocalDate.of(2031, 4, 7))).startsWith("Mon");
    }
}
