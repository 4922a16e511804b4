package waypost.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.app.testing.Visitor;

/** Sets of exercises are put in whole, as far as they are open; a clinic saves its own. */
@Tag("served")
class ExerciseSetPageTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    private final Working visit = Working.on(THERAPIST, 52).checkedIn();

    private Visitor.Answer putIn(String set) {
        return visit.post("/exercise-sets", Map.of("entryId", UUID.randomUUID().toString(), "set", set));
    }

    private Visitor.Answer save(String title) {
        return visit.post(
                "/exercise-sets/own", Map.of("entryId", UUID.randomUUID().toString(), "title", title));
    }

    @Test
    void eachExerciseIsJudgedBeforeItIsPutIn() {
        assertThat(visit.get("/exercise-sets"))
                .contains("The seven basics around a new joint", "1 × 10 reps of 5 s, 3 a day")
                .doesNotContain("First weeks of a flexor tendon");
    }

    @Test
    void whatIsOpenIsPutInWithItsDose() {
        assertThat(putIn("seven-basics").status()).isEqualTo(302);

        assertThat(visit.page("glute-squeeze/operated")).contains("Prescribed on ", "1 × 10 reps of 5 s", "3 a day. ");
        assertThat(visit.get("/exercise-sets")).contains("in the plan");
    }

    @Test
    void whatWasDoneBeforeGoesOnAsItWas() {
        visit.log(visit.set("glute-squeeze/operated", 10, 0));
        putIn("seven-basics");

        assertThat(visit.page("glute-squeeze/operated")).doesNotContain("Prescribed on ");
    }

    @Test
    void theClinicsOwnIsOfferedInEveryCourse() {
        String title = "Ours " + UUID.randomUUID().toString().substring(0, 8);

        assertThat(save(title).status()).isEqualTo(302);
        assertThat(save(title).body()).contains("which the clinic has already");

        Working other = Working.on(THERAPIST, 52);
        assertThat(other.get("/exercise-sets")).contains(title, "Saved by Maren Arkwell.");
        Visitor upriver = Visitor.signedIn("upriver");
        assertThat(Working.on(upriver, 52).get("/exercise-sets")).doesNotContain(title);
    }

    @ParameterizedTest
    @CsvSource({"no,Choose a set of exercises first", "groin,Choose a set of exercises first"})
    void whatIsNotOfferedIsRefused(String set, String says) {
        Visitor.Answer answer = putIn(set);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(says);
    }

    @Test
    void aTitleIsAsked() {
        assertThat(save("x").body()).contains("Found a title of 1 characters, allowed: 3 to 80");
    }
}
