package waypost.core.runner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static waypost.core.progression.Told.dose;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is said when, worked by hand. */
class ShapeTest {

    private static final Shape.Calls FOUR_WAYS = new Shape.Calls(List.of("Up", "Down", "In", "Out"), 3, 6, false);

    private static List<String> told(Script script) {
        return script.beats().stream()
                .map(beat -> beat.second() + " " + beat.kind() + " " + beat.says())
                .toList();
    }

    /** Three minutes hard and three easy by turns: the times of the handbook, ten seconds before each change called. */
    @Test
    void threeMinutesByTurns() {
        Script script = new Shape.Turns("pedal hard", new Effort(7, 8), "pedal easy", 180, new Effort(3, 4))
                .script(dose("2 x 3 min"), 0, 1)
                .orElseThrow();
        assertThat(told(script))
                .containsExactly(
                        "0 WORK Round 1 of 2. Pedal hard, 3 minutes, effort 7 to 8 of 10.",
                        "170 SOON 10 seconds.",
                        "180 EASY Pedal easy, 3 minutes, effort 3 to 4 of 10.",
                        "350 SOON 10 seconds.",
                        "360 ROUND_OVER Round 1 is done.",
                        "360 WORK Round 2 of 2. Pedal hard, 3 minutes, effort 7 to 8 of 10.",
                        "530 SOON 10 seconds.",
                        "540 EASY Pedal easy, 3 minutes, effort 3 to 4 of 10.",
                        "710 SOON 10 seconds.",
                        "720 ROUND_OVER Round 2 is done.",
                        "720 OVER That was all.");
        assertThat(script.seconds()).isEqualTo(720);
        assertThat(script.rounds()).isEqualTo(2);
    }

    @Test
    void theHalfOfWhatIsSteadyIsCalled() {
        Script script = new Shape.Steady("Pedal", new Effort(4, 5))
                .script(dose("2 x 60 s"), 20, 1)
                .orElseThrow();
        assertThat(told(script))
                .containsExactly(
                        "0 WORK Pedal, 1 minute, effort 4 to 5 of 10.",
                        "30 CALL Half of it.",
                        "50 SOON 10 seconds.",
                        "60 ROUND_OVER Round 1 is done.",
                        "60 EASY Rest, 20 seconds.",
                        "80 WORK Pedal, 1 minute, effort 4 to 5 of 10.",
                        "110 CALL Half of it.",
                        "130 SOON 10 seconds.",
                        "140 ROUND_OVER Round 2 is done.",
                        "140 OVER That was all.");
    }

    @Test
    void ofARangeTheLeastIsCalled() {
        Script script = new Shape.Steady("Pedal", new Effort(3, 4))
                .script(dose("1 x 10 to 20 min"), 45, 1)
                .orElseThrow();
        assertThat(told(script))
                .contains(
                        "600 CALL The least is done. On to 20 minutes while it stays easy.", "1200 OVER That was all.");
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 99, -7})
    void callsComeAtRandomWithinTheirTime(long seed) {
        Script script = FOUR_WAYS.script(dose("2 x 45 s"), 30, seed).orElseThrow();
        assertThat(FOUR_WAYS.script(dose("2 x 45 s"), 30, seed)).contains(script);
        assertThat(script.seconds()).isEqualTo(45 + 30 + 45);
        for (int round = 1; round <= 2; round++) {
            int of = round;
            int begins = round == 1 ? 0 : 75;
            List<Beat> calls = script.beats().stream()
                    .filter(beat -> beat.kind() == Beat.Kind.CALL && beat.round() == of)
                    .toList();
            assertThat(calls)
                    .hasSizeBetween(7, 14)
                    .allSatisfy(call -> assertThat(call.second()).isBetween(begins + 3, begins + 44));
            IntStream.range(1, calls.size())
                    .forEach(nth -> assertThat(
                                    calls.get(nth).second() - calls.get(nth - 1).second())
                            .isBetween(3, 6));
            IntStream.range(2, calls.size())
                    .forEach(nth -> assertThat(
                                    List.of(
                                                    calls.get(nth).says(),
                                                    calls.get(nth - 1).says(),
                                                    calls.get(nth - 2).says())
                                            .stream()
                                            .distinct())
                            .hasSizeGreaterThan(1));
        }
    }

    @Test
    void anotherSeedDrawsOtherwise() {
        assertThat(FOUR_WAYS.script(dose("1 x 60 s"), 0, 1)).isNotEqualTo(FOUR_WAYS.script(dose("1 x 60 s"), 0, 2));
    }

    @Test
    void soManyCallsAsAreCounted() {
        Script script = new Shape.Calls(List.of("Left", "Right"), 2, 4, false)
                .script(dose("3 x 4 turns"), 60, 5)
                .orElseThrow();
        assertThat(script.beats().stream().filter(beat -> beat.kind() == Beat.Kind.CALL))
                .hasSize(12);
    }

    @Test
    void whatRepetitionsLeadHasNoScript() {
        assertThat(new Shape.Run(20, 10, 30, new Effort(3, 4)).script(dose("1 x 3 to 9 runs"), 60, 1))
                .isEmpty();
        assertThat(new Shape.Run(20, 10, 30, new Effort(3, 4)).metres()).isEqualTo(60);
        assertThat(new Shape.Throws(20, 50).script(dose("2 x 25 throws"), 60, 1))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"7 to 8,7 to 8 of 10", "5,5 of 10", "0 to 10,0 to 10 of 10"})
    void effortIsReadAsItIsWritten(String written, String said) {
        assertThat(Effort.parse(written)).hasToString(said);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "11", "8 to 7", "hard", "7-8", "1.5"})
    void otherEffortsAreRefused(String written) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Effort.parse(written))
                .withMessageContaining("allowed:");
    }

    @Test
    void whatNobodyCanMeanIsRefused() {
        Effort easy = new Effort(3, 4);
        assertThatIllegalArgumentException().isThrownBy(() -> new Shape.Run(0, 10, 30, easy));
        assertThatIllegalArgumentException().isThrownBy(() -> new Shape.Run(20, 10, 201, easy));
        assertThatIllegalArgumentException().isThrownBy(() -> new Shape.Throws(0, 50));
        assertThatIllegalArgumentException().isThrownBy(() -> new Shape.Throws(20, 101));
        assertThatIllegalArgumentException().isThrownBy(() -> new Shape.Calls(List.of("Up"), 3, 6, false));
        assertThatIllegalArgumentException().isThrownBy(() -> new Shape.Calls(List.of("Up", "Down"), 6, 3, false));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Shape.Steady("Pedal", easy).script(dose("1 x 10 reps"), 0, 1));
    }
}
