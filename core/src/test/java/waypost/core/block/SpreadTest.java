package waypost.core.block;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.prescription.DayKind;
import waypost.core.prescription.Week;

/** Days of a week, Monday 1. Of a week's kinds S is strength, A and B take turns, O is off; none where nobody said. */
class SpreadTest {

    private static Week week(String kinds) {
        return new Week(kinds.chars()
                .mapToObj(kind -> switch (kind) {
                    case 'S' -> DayKind.STRENGTH;
                    case 'A' -> DayKind.STRENGTH_A;
                    case 'B' -> DayKind.STRENGTH_B;
                    default -> DayKind.OFF;
                })
                .toList());
    }

    private static String drawn(Set<DayOfWeek> days) {
        return days.stream().sorted().map(day -> String.valueOf(day.getValue())).collect(Collectors.joining());
    }

    @ParameterizedTest
    @CsvSource({
        "'',1,true,true,1",
        "'',2,true,true,14",
        "'',3,true,true,135",
        "'',4,true,true,135",
        "'',4,true,false,1245",
        "'',6,false,false,123456",
        "OSOSOSO,3,true,true,246",
        "OSOSOSO,3,false,true,135",
        "OSOSOSO,2,true,true,14",
        "AOBOAOO,3,true,true,135",
        "SSSOOOO,3,true,true,135",
        "SSSOOOO,3,true,false,123",
        "SOOOOOS,2,true,true,14"
    })
    void strengthOnItsDaysAndHardWorkApart(String kinds, int times, boolean strength, boolean hard, String days) {
        assertThat(drawn(new Spread(week(kinds)).days(times, strength, hard))).isEqualTo(days);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7})
    void hardWorkNeverFollowsHardWork(int times) {
        List<Week> weeks = Stream.of("", "SSOSSOO", "SOSOSOS", "OOOOOSS", "ABABABA")
                .map(SpreadTest::week)
                .toList();
        for (Week week : weeks) {
            Set<DayOfWeek> days = new Spread(week).days(times, true, true);
            assertThat(days).hasSizeBetween(1, times).noneMatch(day -> days.contains(day.plus(1)));
        }
    }
}
