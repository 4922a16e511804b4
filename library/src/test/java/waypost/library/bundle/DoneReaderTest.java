package waypost.library.bundle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.demand.Demand;
import waypost.core.demand.Kneeling;
import waypost.core.exercise.Role;
import waypost.library.text.Problem;
import waypost.library.text.RefusedException;

/** How an exercise is done: what is refused, and what is worked out. */
class DoneReaderTest {

    private static final String RUNG = """
            exercises: tried
            ladders:
              - id: tried
                title: Tried
                rungs:
                  - id: tried
                    title: Tried
                    harder: the first
                    rises: bearing
                    purpose: strength
                    dose: { sets: "1", amount: 1 min, frequency: daily }
                    progression: completion
                    done: { %s }
                    roles: [{ name: operated, title: operated leg, asks: [%s] }]
                    cues: [Try.]
                    faults: [f]
                    stop: [s]
            """;

    private static final String BEND =
            "{ motion: knee flexion, arc: 0 to 30, working: extension, mode: active, chain: closed, loaded: own weight }, ";

    private static List<SourceText> file(String done, String asks) {
        return List.of(new SourceText("tried.yaml", RUNG.formatted(done, asks)));
    }

    private static List<String> problems(String done, String asks) {
        RefusedException refused = catchThrowableOfType(RefusedException.class, () -> Bundle.read(file(done, asks)));
        return refused.problems().stream().map(Problem::toString).toList();
    }

    private static Role role(String done, String asks) {
        return Bundle.read(file(done, asks)).activities().get(0).roles().get(0);
    }

    @Test
    void aLegThatStandsAloneAndSaysHalfIsRefused() {
        assertThat(problems("posture: standing", BEND + "{ bears: 50 %, support: one }"))
                .singleElement()
                .asString()
                .contains("tried/operated: the leg: found 50 % of body mass, allowed: at least 90 %")
                .contains("a 'because' in words");
    }

    @Test
    void aBecauseInWordsLetsItSayLess() {
        assertThat(role("posture: standing, because: a rail takes half", BEND + "{ bears: 50 %, support: one }")
                        .demands())
                .hasSize(2);
    }

    @Test
    void aBodyThatWouldTipOverIsRefused() {
        assertThat(problems(
                        "posture: standing, ankle dorsiflexion: \"40\", touching: [both foot on floor]",
                        BEND + "{ bears: 50 %, support: both }"))
                .singleElement()
                .asString()
                .contains("the body tips over")
                .contains("say under 'done' what touches what");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "left foot on floor | found 'left foot on floor', allowed: a side, a place and what it is on",
                "both nose on floor | nose",
                "both foot on step 999 cm | height: found 9.99 m, allowed: 0 to 2.5 m"
            })
    void whatTouchesIsReadStrictly(String touch, String problem) {
        assertThat(problems("posture: standing, touching: [" + touch + "]", BEND + "{ bears: 50 %, support: both }"))
                .anySatisfy(found -> assertThat(found).contains(problem));
    }

    @Test
    void whoSaysNothingOfTheHipInASquatBendsItAllTheSame() {
        assertThat(role("posture: standing", BEND.replace("0 to 30", "0 to 80") + "{ bears: 100 %, support: one }")
                        .besides()
                        .operated())
                .filteredOn(Demand.Movement.class::isInstance)
                .extracting(demand -> ((Demand.Movement) demand).motion().toString())
                .contains("HIP_FLEXION", "ANKLE_DORSIFLEXION");
    }

    @Test
    void kneelingIsWorkedOutFromWhatTouches() {
        String palms =
                "{ motion: shoulder flexion, arc: 60 to 80, working: flexion, mode: active, chain: closed, loaded:"
                        + " own weight }, { bears: 30 %, limb: arm, support: both }";

        assertThat(role("posture: hands and knees", palms).besides().operated()).anyMatch(Kneeling.class::isInstance);
        assertThat(role("posture: plank", palms.replace("30 %", "40 %"))
                        .besides()
                        .operated())
                .noneMatch(Kneeling.class::isInstance);
    }
}
