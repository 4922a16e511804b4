package waypost.library.bundle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Limb;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Demand;
import waypost.core.demand.Support;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.Role;
import waypost.library.text.Problem;
import waypost.library.text.RefusedException;

/** What can be chosen of a set-up: what is refused, and what is worked out for each choice. */
class SettingReaderTest {

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
                    equipment: [step]
                    dose: { sets: "1", amount: 8 reps, frequency: daily }
                    progression: completion
                    done: { posture: standing }
                    settings: [%s]
                    roles:
                      - name: operated
                        title: operated leg
                        asks:
                          - { motion: knee flexion, arc: 0 to 60, working: extension, mode: active, chain: closed, loaded: own weight }
                          - { motion: hip flexion, arc: 0 to 60, working: extension, mode: active, chain: closed, loaded: own weight }
                          - { bears: 100 %%, support: one }
                    cues: [Try.]
                    faults: [f]
                    stop: [s]
            """;

    private static Activity.Exercise exercise(String settings) {
        return (Activity.Exercise) Bundle.read(List.of(new SourceText("tried.yaml", RUNG.formatted(settings))))
                .activities()
                .get(0);
    }

    private static List<String> problems(String settings) {
        RefusedException refused = catchThrowableOfType(RefusedException.class, () -> exercise(settings));
        return refused.problems().stream().map(Problem::toString).toList();
    }

    private static double knee(Activity.Exercise exercise, String setUp) {
        Role role = exercise.in(Arrangement.parse(setUp)).roles().get(0);
        return ((Demand.Movement) role.demands().get(0)).arc().most().value();
    }

    private static final String STEP =
            "{ set: step height, usual: 15 cm, heights: [10 cm, 15 cm, 20 cm, 25 cm], of: step }";
    private static final String HAND = "{ set: hand support, usual: free, ways: [{ way: rail, asks: [{ bears: 80 %, "
            + "support: one }], because: the rail takes a fifth }, { way: free }] }";

    @Test
    void aHigherStepBendsTheKneeFurther() {
        Activity.Exercise exercise = exercise(STEP);

        assertThat(knee(exercise, "step height: 15 cm")).isEqualTo(60);
        assertThat(knee(exercise, "step height: 10 cm")).isLessThan(60);
        assertThat(knee(exercise, "step height: 20 cm")).isGreaterThan(60);
        assertThat(knee(exercise, "step height: 25 cm")).isGreaterThan(knee(exercise, "step height: 20 cm"));
    }

    @Test
    void choicesOfSeveralSettingsGoTogether() {
        Activity.Exercise exercise = exercise(STEP + ", " + HAND);

        assertThat(exercise.setUps().ways()).hasSize(8);
        assertThat(exercise.in(Arrangement.parse("hand support: rail; step height: 10 cm"))
                        .roles()
                        .get(0)
                        .demands())
                .contains(new Demand.Bearing(Limb.LEG, BodyShare.ofPercent(80), Support.ONE));
        assertThat(exercise.in(exercise.setUps().usual()).roles()).isEqualTo(exercise.roles());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{ set: step height, usual: 50 cm, heights: [20 cm, 50 cm], of: step } | found 50 cm as the usual step height",
                "{ set: step height, usual: 30 cm, heights: [20 cm, 25 cm], of: step } | found '30 cm' as the usual one",
                "{ set: step height, usual: 20 cm, heights: [20 cm, 20 cm], of: step } | 2 to 12 different choices",
                "{ set: step height, usual: 15 cm, heights: [15 cm, 120 cm], of: step } | one to which a leg bends",
                "{ set: bar height, usual: 90 cm, heights: [90 cm, 80 cm], of: hands } | found no place that is on it",
                "{ set: a, usual: b, ways: [{ way: b, asks: [{ bears: 100 %, support: one }] }, { way: c }] } | only of what is not usual",
                "{ set: a, usual: b, ways: [{ way: b }, { way: c, asks: [{ bears: 40 %, support: one }] }] } | allowed: at least 90 %",
                "{ set: a, usual: b } | heights"
            })
    void isReadStrictly(String setting, String problem) {
        assertThat(problems(setting)).anySatisfy(each -> assertThat(each).contains(problem));
    }
}
