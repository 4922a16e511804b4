package waypost.instrument.simulated;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import waypost.instrument.line.Sample;

class TellingTest {

    private static final int TEN_MINUTES = 10 * 60 * Telling.TICKS;

    private static List<List<String>> told(Kind kind, long seed, boolean faulty) {
        Telling telling = new Telling(kind, seed, faulty);
        List<List<String>> ticks = new ArrayList<>();
        for (int tick = 0; tick < TEN_MINUTES; tick++) {
            ticks.add(telling.next(1000L * tick));
        }
        return ticks;
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    void equalSeedsTellTheSameAndOthersDoNot(Kind kind) {
        assertThat(told(kind, 7, true)).isEqualTo(told(kind, 7, true)).isNotEqualTo(told(kind, 8, true));
        assertThat(new CsvFile(kind, 7).lines())
                .isEqualTo(new CsvFile(kind, 7).lines())
                .hasSize(601);
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    void aFaultlessOneIsAlwaysUnderstood(Kind kind) {
        assertThat(told(kind, 3, false)).allSatisfy(lines -> {
            assertThat(lines).hasSize(kind.quantities().size());
            lines.forEach(Sample::parse);
        });
    }

    /** It falls silent for three seconds and sends nonsense, as real ones do. */
    @Test
    void aFaultyOneFallsSilentAndSendsNonsense() {
        List<List<String>> ticks = told(Kind.GONIOMETER, 5, true);

        assertThat(ticks).filteredOn(List::isEmpty).hasSizeGreaterThanOrEqualTo(3 * Telling.TICKS - 1);
        List<String> nonsense = ticks.stream()
                .flatMap(List::stream)
                .filter(line -> !line.startsWith("waypost-1 ") || line.contains("NaN"))
                .toList();
        assertThat(nonsense)
                .isNotEmpty()
                .allSatisfy(line ->
                        assertThatThrownBy(() -> Sample.parse(line)).isInstanceOf(IllegalArgumentException.class));
    }

    @Test
    void bothLegsStandOnThePlate() {
        List<Sample> first = told(Kind.FORCE_PLATE, 1, false).get(0).stream()
                .map(Sample::parse)
                .toList();

        assertThat(first.get(0).value() + first.get(1).value()).isBetween(740.0, 830.0);
    }
}
