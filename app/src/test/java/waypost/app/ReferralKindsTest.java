package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** Courses that no operation stands behind, that begin before one, or that wait for an answer. */
@Tag("served")
class ReferralKindsTest {

    private final Visitor therapist = Visitor.signedIn("therapist");

    private static Map<String, String> referral(String number, String protocol, int daysAgo) {
        Map<String, String> form = new HashMap<>(Referring.form("Kind Person " + number, number, daysAgo));
        form.keySet().removeIf(key -> key.startsWith("answer."));
        form.put("protocol", protocol);
        form.put("operation", "as the note says");
        return form;
    }

    private String opened(Map<String, String> form) {
        assertThat(therapist.post("/courses", form).status()).isEqualTo(302);
        return "/courses/" + form.get("courseId");
    }

    @Test
    void aBlankFormOffersProtocolsByAreaAndChoosesNone() {
        assertThat(therapist.get("/courses/new").body())
                .contains("<optgroup label=\"Shoulder\">")
                .contains("<optgroup label=\"Hip or knee\">")
                .contains("Choose the protocol; what it asks appears here.");
    }

    @Test
    void anInjuryIsNotCalledAnOperationAndHasHappened() {
        Map<String, String> form = referral("K-1", "muscle.hamstring-strain", 5);

        assertThat(therapist.post("/courses/questions", form).body())
                .contains("Date of the injury")
                .contains("Referred by")
                .doesNotContain("Date of surgery");
        form.put("dayZero", RunningWaypost.TODAY.plusDays(1).toString());
        assertThat(therapist.post("/courses", form).body()).contains("allowed: up to");
        form.put("dayZero", RunningWaypost.TODAY.minusDays(5).toString());
        assertThat(therapist.get(opened(form)).body()).contains("injured").contains("referred by");
    }

    /** Not chosen, the least pain that a school allows. */
    @Test
    void thePainRuleStandsOnTheStripAndAtTheRung() {
        String course = opened(referral("K-2", "muscle.hamstring-strain", 5));

        assertThat(therapist.get(course + "?rung=bridge/both").body())
                .contains("Pain while exercising: none")
                .contains("Moves up");
    }

    @Test
    void aDecisiveAnswerThatIsMissingIsAskedForAndNothingIsOpen() {
        Map<String, String> form = referral("K-3", "shoulder.dislocation", 30);

        assertThat(therapist.post("/courses/questions", form).body())
                .contains("Nothing opens until this is answered by one.");
        assertThat(therapist.post("/courses/check", form).body()).contains("not stated: nothing opens until it is");
        assertThat(therapist.get(opened(form)).body())
                .contains("Direction? not stated")
                .contains("nothing opens until it is · ask");
    }

    @Test
    void aCourseBeforeSurgeryCountsTheDaysThatAreLeft() {
        Map<String, String> form = referral("K-4", "hip-or-knee.before-replacement", -40);
        form.put("answer.joint", "knee");

        assertThat(therapist.get(opened(form)).body())
                .contains("surgery planned")
                .contains("40 days before")
                .contains("Quad set");
    }
}
