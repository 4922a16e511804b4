package waypost.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What can be chosen of how an exercise is set up, and how it is written. */
class ArrangementsTest {

    private static final Setting STEP = new Setting("step height", List.of("10 cm", "15 cm", "20 cm"), "15 cm");
    private static final Setting HAND = new Setting("hand support", List.of("rail", "free"), "free");

    private static Arrangements of(Setting... settings) {
        Map<Arrangement, Arranged> ways = new LinkedHashMap<>();
        Arrangements.of(List.of(settings)).forEach(so -> ways.put(so, new Arranged(List.of(), Map.of())));
        return new Arrangements(List.of(settings), ways);
    }

    @Test
    void everyCombinationIsAWay() {
        assertThat(of(STEP, HAND).ways()).hasSize(6);
        assertThat(of(STEP, HAND).usual()).hasToString("hand support: free; step height: 15 cm");
        assertThat(Arrangements.NONE.usual()).isEqualTo(Arrangement.UNSAID);
    }

    @ParameterizedTest
    @CsvSource(
            value = {"10 cm,-,15 cm", "15 cm,10 cm,20 cm", "20 cm,15 cm,-"},
            nullValues = "-")
    void stepsGoAlongTheFirstSettingAndLeaveTheOthers(String now, String easier, String harder) {
        Arrangement so = new Arrangement(Map.of("step height", now, "hand support", "rail"));

        assertThat(of(STEP, HAND).easier(so).map(Arrangement::toString).orElse(null))
                .isEqualTo(easier == null ? null : "hand support: rail; step height: " + easier);
        assertThat(of(STEP, HAND).harder(so).map(Arrangement::toString).orElse(null))
                .isEqualTo(harder == null ? null : "hand support: rail; step height: " + harder);
    }

    @Test
    void whatNobodySaidOrCannotBeChosenAnyMoreIsAsUsual() {
        Arrangement old = new Arrangement(Map.of("step height", "45 cm", "mat", "soft"));

        assertThat(of(STEP, HAND).complete(old)).isEqualTo(of(STEP, HAND).usual());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "step height: 15 cm", "hand support: rail; step height: 10 cm"})
    void whatIsWrittenIsReadBack(String text) {
        assertThat(Arrangement.parse(text)).hasToString(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"step height", "step height:15", ": 15 cm", "step height: ", "a: b; "})
    void anythingElseIsRefused(String text) {
        assertThatThrownBy(() -> Arrangement.parse(text))
                .hasMessageContaining("found '" + text + "', allowed: settings such as");
    }

    @Test
    void aTextWithoutEndIsRefused() {
        assertThatThrownBy(() -> Arrangement.parse("step height: " + "9".repeat(5000)))
                .isInstanceOf(IllegalArgumentException.class)
                .satisfies(refused -> assertThat(refused.getMessage().length()).isLessThan(400));
    }

    @Test
    void whatCannotBeChosenIsRefusedWithWhatCan() {
        assertThatThrownBy(() -> of(STEP).check(Arrangement.parse("step height: 60 cm")))
                .hasMessage("set-up: found 'step height: 60 cm', allowed: step height: 10 cm, 15 cm, 20 cm");
        assertThatThrownBy(() -> Arrangements.NONE.check(Arrangement.parse("step height: 60 cm")))
                .hasMessageContaining("this exercise is set up in one way");
    }

    @Test
    void aSettingNeedsDifferentChoicesAndAUsualOne() {
        assertThatThrownBy(() -> new Setting("mat", List.of("soft"), "soft")).hasMessageContaining("2 to 12 different");
        assertThatThrownBy(() -> new Setting("mat", List.of("soft", "soft"), "soft"))
                .hasMessageContaining("2 to 12 different");
        assertThatThrownBy(() -> new Setting("mat", List.of("soft", "firm"), "hard"))
                .hasMessageContaining("found 'hard' as the usual one");
    }

    @Test
    void moreWaysThanAnybodyLooksThroughAreRefused() {
        Setting many = new Setting(
                "hole", IntStream.rangeClosed(1, 12).mapToObj(String::valueOf).toList(), "1");

        assertThatThrownBy(() -> of(STEP, many)).hasMessageContaining("found 36 ways");
    }
}
