package waypost.app.patient;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** Every page judges all courses of a patient together and names the course that objects. */
@Tag("served")
class PersonPagesTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static int numbers;

    private final String number = "PP-" + ++numbers;
    private final String knee = open(Referring.form("Twofold Person", number, 200));

    private static String open(Map<String, String> form) {
        Visitor.Answer answer = THERAPIST.post("/courses", form);
        assertThat(answer.status()).as(answer.body()).isEqualTo(302);
        return "/courses/" + form.get("courseId");
    }

    private Map<String, String> second(String protocol, String operation, String side, int daysAgo) {
        Map<String, String> form = Referring.form("Twofold Person", number, daysAgo);
        form.put("protocol", protocol);
        form.put("operation", operation);
        form.put("side", side);
        form.put("sideAgain", side);
        return form;
    }

    private Map<String, String> shoulder() {
        return second("shoulder.cuff-repair", "rotator cuff repair", "right", 10);
    }

    private static String rung(String course, String role) {
        return THERAPIST.get(course + "/rungs/" + role).body();
    }

    @Test
    void crutchesAreClosedByTheShoulderAndItSaysSo() {
        String before = rung(knee, "walk-crutches/both");
        assertThat(before).doesNotContain("Right side");

        open(shoulder());

        assertThat(rung(knee, "walk-crutches/both")).contains("Right side, rotator cuff repair: ");
        assertThat(THERAPIST.get(knee + "/patient").body())
                .contains("left · knee ligament reconstruction", "right · rotator cuff repair")
                .contains("runs: closes what it does not allow in the others");
        assertThat(THERAPIST.get(knee).body()).contains("2 courses");
    }

    /** Lying on the left side for the left hip's own work is lying on the other one for the right shoulder, and back. */
    @Test
    void sideLyingIsClosedByTheOperatedShoulderOfTheSideLainOn() {
        Map<String, String> shoulder = second("shoulder.cuff-repair", "rotator cuff repair", "right", 10);
        assertThat(rung(knee, "clam/operated")).doesNotContain("rotator cuff");
        open(shoulder);

        assertThat(rung(knee, "clam/operated")).contains("Right side, rotator cuff repair: ");
    }

    @Test
    void bothKneesAreJudgedTogetherAndNeitherIsTheOthersMeasure() {
        String other = open(second("knee.ligament-reconstruction", "knee ligament reconstruction", "right", 5));

        assertThat(rung(knee, "box-squat/both")).contains("Right side, knee ligament reconstruction: ");
        assertThat(rung(other, "quad-set/operated")).contains("<span class=\"verdict-word open");
    }

    @Test
    void aCourseThatEndedClosesNothing() {
        String shoulder = open(shoulder());
        assertThat(THERAPIST
                        .post(
                                shoulder + "/end",
                                Map.of("endedOn", RunningWaypost.TODAY.toString(), "endWhy", "moved away"))
                        .status())
                .isEqualTo(302);

        assertThat(rung(knee, "walk-crutches/both")).doesNotContain("rotator cuff");
        assertThat(THERAPIST.get(knee + "/patient").body()).contains("ended on Thu 3 Apr 2031");
        assertThat(THERAPIST
                        .post(
                                shoulder + "/end",
                                Map.of("endedOn", RunningWaypost.TODAY.toString(), "endWhy", "moved away"))
                        .body())
                .contains("This course has an end already. Nothing was written.");
    }

    @Test
    void aFlagInOneCourseStopsBoth() {
        String shoulder = open(shoulder());
        Map<String, String> checkIn = new HashMap<>(Map.of(
                "checkInId", UUID.randomUUID().toString(),
                "painNow", "1",
                "swelling", "NONE",
                "asked", "true",
                "flag", "breathless"));
        assertThat(rung(knee, "box-squat/both")).doesNotContain("On hold");

        assertThat(THERAPIST.post(shoulder + "/check-in", checkIn).status()).isEqualTo(302);

        assertThat(rung(knee, "box-squat/both")).contains("Right side, rotator cuff repair: On hold since");
        assertThat(THERAPIST.get(knee).body()).contains("All work on hold: red flag");
    }

    @Test
    void aSecondCourseIsOpenedFromTheFirstWithThePatientFilledIn() {
        String id = knee.substring("/courses/".length());

        assertThat(THERAPIST.get("/courses/new?beside=" + id).body())
                .contains("value=\"Twofold Person\"", "value=\"" + number + "\"", "Revision or second repair of")
                .contains("left · knee ligament reconstruction");
        assertThat(Visitor.signedIn("upriver").get("/courses/new?beside=" + id).status())
                .isEqualTo(404);
    }

    @Test
    void aRevisionIsLinkedAndTheRevisedCourseIsThePast() {
        Map<String, String> again = second("knee.ligament-reconstruction", "second reconstruction", "left", 5);
        again.put("revises", knee.substring("/courses/".length()));
        String revision = open(again);

        assertThat(THERAPIST.get(revision + "/patient").body()).contains("revised: kept as the past");
        assertThat(rung(revision, "quad-set/operated")).doesNotContain("Left side, knee ligament");
    }

    @Test
    void aRevisionOfSomebodyElsesCourseIsRefused() {
        String foreign = open(Referring.form("Another Person", number + "-other", 200));
        Map<String, String> again = second("knee.ligament-reconstruction", "second reconstruction", "left", 5);
        again.put("revises", foreign.substring("/courses/".length()));

        Visitor.Answer answer = THERAPIST.post("/courses", again);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains("Found a course that is not this patient&#39;s");
    }
}
