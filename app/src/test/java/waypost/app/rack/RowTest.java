package waypost.app.rack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is open today ends on one line. */
class RowTest {

    /** A ladder written as letters: o open, l open with a limit, n not yet. */
    private static Row ladder(String letters) {
        return Row.of("Squat", signs(letters));
    }

    private static List<Sign> signs(String letters) {
        return IntStream.range(0, letters.length())
                .mapToObj(i -> {
                    String shape = letters.charAt(i) == 'o'
                            ? "open"
                            : letters.charAt(i) == 'l' ? "open-with-limit" : "not-yet";
                    return new Sign(shape, "", "rung " + i, "", "", "rung-" + i + "/both");
                })
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "nnn,0,0,0,2,1",
        "ooo,3,0,3,0,0",
        "oolnn,3,0,3,2,0",
        "onolnn,4,1,3,2,0",
        "ooooooon,7,5,2,1,0",
        "nnnnnn,0,0,0,1,5"
    })
    void theLastOpenRungStandsAtTheLine(String letters, int line, int farBehind, int nearBehind, int near, int far) {
        Row row = ladder(letters);

        assertThat(row.line()).isEqualTo(line);
        assertThat(row.farBehind()).hasSize(farBehind);
        assertThat(row.nearBehind()).hasSize(nearBehind);
        assertThat(row.nearAhead()).hasSize(near);
        assertThat(row.farAhead()).hasSize(far);
    }

    @Test
    void aClosedRungAmongOpenOnesKeepsItsPlaceLeftOfTheLine() {
        Row row = ladder("onl");

        assertThat(row.nearBehind()).extracting(Sign::shape).containsExactly("open", "not-yet", "open-with-limit");
        assertThat(row.standsOn(row.signs().get(2))).isTrue();
        assertThat(row.standsOn(row.signs().get(0))).isFalse();
    }

    @Test
    void testsHaveNoLine() {
        Row tests = Row.unordered("Tests", signs("on"));

        assertThat(tests.climbed()).isFalse();
        assertThat(tests.standsOn(tests.signs().get(0))).isFalse();
    }
}
