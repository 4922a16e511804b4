package waypost.app.event;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** What happened to a limb starts its clock, is looked after by name, and what is narrowed applies at once. */
@Tag("served")
class EventsPageTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final Visitor ASSISTANT = Visitor.signedIn("assistant");
    private static final String TODAY = RunningWaypost.TODAY.toString();
    private static int numbers;

    private final String course = newCourse();

    private static String newCourse() {
        Map<String, String> form = Referring.form("Fallen Person", "EV-" + ++numbers, 50);
        THERAPIST.post("/courses", form);
        return "/courses/" + form.get("courseId");
    }

    private static Map<String, String> fall() {
        return new HashMap<>(Map.of(
                "eventId",
                UUID.randomUUID().toString(),
                "what",
                "fall",
                "on",
                TODAY,
                "words",
                "slipped on wet stairs"));
    }

    private static Map<String, String> narrowing(String what, String allow) {
        return new HashMap<>(Map.of(
                "narrowingId", UUID.randomUUID().toString(), "what", what, "allow", allow, "narrowWhy", "sore on top"));
    }

    private String rung(String role) {
        return THERAPIST.get(course + "/rungs/" + role).body();
    }

    @Test
    void anAssistantEntersAFallAndATherapistLooksAfterIt() {
        assertThat(rung("quad-set/operated")).contains("<span class=\"verdict-word open");
        Map<String, String> fall = fall();

        assertThat(ASSISTANT.post(course + "/events", fall).status()).isEqualTo(302);
        assertThat(ASSISTANT.post(course + "/events", fall).status()).isEqualTo(302);

        assertThat(rung("quad-set/operated")).contains("Fall on", "not looked after yet: slipped on wet stairs.");
        assertThat(THERAPIST.get(course).body()).contains("Fall, not looked after: slipped on wet stairs");
        String looked = course + "/events/" + fall.get("eventId") + "/looked";
        assertThat(ASSISTANT
                        .post(looked, Map.of("on", TODAY, "found", "stable"))
                        .status())
                .isEqualTo(403);
        assertThat(THERAPIST.post(looked, Map.of("on", TODAY, "found", "")).body())
                .contains("Found 0 characters, allowed: a few words, 3 to 300.");
        assertThat(THERAPIST
                        .post(looked, Map.of("on", TODAY, "found", "stable, no swelling"))
                        .status())
                .isEqualTo(302);

        assertThat(rung("quad-set/operated")).doesNotContain("not looked after");
        assertThat(THERAPIST.get(course + "/record").body())
                .contains("Event: fall", "slipped on wet stairs", "Looked after: fall", "stable, no swelling")
                .containsOnlyOnce("Event: fall");
        assertThat(THERAPIST.get(course + "/course.yaml").body())
                .contains("what: fall", "looked-after:", "found: stable, no swelling");
    }

    @Test
    void anEventInErrorIsTakenBackWithAReasonAndBothStay() {
        Map<String, String> fall = fall();
        THERAPIST.post(course + "/events", fall);
        String back = course + "/events/" + fall.get("eventId") + "/withdrawal";

        assertThat(THERAPIST.post(back, Map.of("why", "wrong patient")).status())
                .isEqualTo(302);
        assertThat(THERAPIST.post(back, Map.of("why", "wrong patient")).status())
                .isEqualTo(404);

        assertThat(rung("quad-set/operated")).doesNotContain("not looked after");
        assertThat(THERAPIST.get(course + "/record").body()).contains("Event: fall", "Event taken back: wrong patient");
    }

    @ParameterizedTest
    @CsvSource({
        "what,tumble,'Found &#39;tumble&#39;, allowed: fall, manipulation, injection.'",
        "on,2031-01-01,'allowed: Wed 12 Feb 2031 to Thu 3 Apr 2031.'",
        "on,2199-01-01,'allowed: Wed 12 Feb 2031 to Thu 3 Apr 2031.'",
        "on,yesterday,'allowed: a date such as 2031-02-10.'",
        "words,x,'Found 1 characters, allowed: a few words, 3 to 300.'",
        "eventId,1,This form is damaged."
    })
    void whatIsRefusedSaysWhatIsAllowedAndWritesNothing(String field, String value, String said) {
        Map<String, String> fall = fall();
        fall.put(field, value);

        Visitor.Answer answer = THERAPIST.post(course + "/events", fall);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(said);
        assertThat(THERAPIST.get(course + "/events").body()).contains("Nothing is on record.");
    }

    @Test
    void anExerciseIsBarredFromItsSignAndTakenBack() {
        Map<String, String> bar = narrowing("BARS:quad-set", "");
        assertThat(rung("quad-set/operated")).contains("value=\"BARS:quad-set\"", "value=\"MOTION:knee flexion\"");

        assertThat(ASSISTANT.post(course + "/narrowings", bar).status()).isEqualTo(403);
        assertThat(THERAPIST.post(course + "/narrowings", bar).status()).isEqualTo(302);
        assertThat(rung("quad-set/operated")).contains("narrowed by Maren Arkwell", "sore on top");
        assertThat(THERAPIST.get(course + "/course.yaml").body())
                .contains("narrowings:", "- quad-set", "why: sore on top");

        String back = course + "/narrowings/" + bar.get("narrowingId") + "/withdrawal";
        assertThat(THERAPIST.post(back, Map.of("why", "calm again")).status()).isEqualTo(302);
        assertThat(rung("quad-set/operated")).doesNotContain("narrowed by");
        assertThat(THERAPIST.get(course + "/record").body())
                .contains("Narrowed: sore on top", "Narrowing taken back: calm again");
    }

    @Test
    void aMotionIsNarrowedThoughNoRuleStandsBehindIt() {
        assertThat(THERAPIST
                        .post(course + "/narrowings", narrowing("MOTION:knee flexion", "at most 2"))
                        .status())
                .isEqualTo(302);

        assertThat(rung("quad-set/operated")).contains("narrowed by Maren Arkwell");
        assertThat(THERAPIST.get(course + "/course.yaml").body()).contains("motion: knee flexion", "allow: at most 2");
    }

    @ParameterizedTest
    @CsvSource({
        "MOTION:knee flexion,over the moon,at most",
        "MOTION:knee bending,at most 40,allowed:",
        "LIMIT:no-such,at most 40,allowed:",
        "BARS:no-such,'',allowed: one of the choices shown.",
        "nothing,'',Choose what is narrowed."
    })
    void aNarrowingThatCantBeReadIsRefused(String what, String allow, String said) {
        Visitor.Answer answer = THERAPIST.post(course + "/narrowings", narrowing(what, allow));

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(said);
    }

    @Test
    void aNarrowingNeverLoosens() {
        THERAPIST.post(course + "/narrowings", narrowing("MOTION:knee flexion", "at most 160"));

        assertThat(rung("quad-set/operated")).contains("<span class=\"verdict-word open");
    }
}
