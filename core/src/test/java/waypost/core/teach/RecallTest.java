package waypost.core.teach;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** When a precaution is asked for again: worked out by hand. */
class RecallTest {

    private static final LocalDate FIRST = LocalDate.of(2031, 4, 1);
    private static final String WORDS = "No bend past 90°";

    /** Times as "day:what", where what is k for known, s for said only, o for shown only, l for lapsed. */
    private static List<TaughtBack> times(String written) {
        List<TaughtBack> times = new ArrayList<>();
        for (String each : written.isEmpty() ? new String[0] : written.split(" ")) {
            String[] parts = each.split(":");
            boolean lapsed = parts[1].equals("l");
            times.add(new TaughtBack(
                    FIRST.plusDays(Integer.parseInt(parts[0])),
                    WORDS,
                    !lapsed && !parts[1].equals("o"),
                    !lapsed && !parts[1].equals("s"),
                    lapsed ? "sat too low" : ""));
        }
        return times;
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "'', 0, NEVER_ASKED, 0, -",
                "0:k, 0, KNOWN, 0, -",
                "0:k, 300, KNOWN, 0, -",
                "0:s, 0, HALF_KNOWN, 1, -",
                "0:o, 3, HALF_KNOWN, 1, -",
                "0:k 5:l, 5, LAPSED, 1, -",
                "0:k 5:l 5:k, 5, KNOWN, 1, 12",
                "0:k 5:l 5:k, 11, KNOWN, 1, 12",
                "0:k 5:l 5:k, 12, ONCE_MORE, 1, 12",
                "0:k 5:l 5:k 12:k, 12, KNOWN, 1, 33",
                "0:k 5:l 5:k 12:k, 33, ONCE_MORE, 1, 33",
                "0:k 5:l 5:k 12:k 33:k, 300, KNOWN, 1, -",
                "0:s 0:k, 7, ONCE_MORE, 1, 7",
                "0:s 0:k 0:k 0:k, 7, ONCE_MORE, 1, 7",
                "0:l 0:k 7:l 7:k, 13, KNOWN, 2, 14",
                "0:l 0:k 7:k 9:l, 9, LAPSED, 2, -",
            })
    void comesBackAfterItWasMissed(String written, int today, Recall.State state, int missed, Integer again) {
        Recall recall = Recall.of(times(written), WORDS, FIRST.plusDays(today));

        assertThat(recall.state()).isEqualTo(state);
        assertThat(recall.missed()).isEqualTo(missed);
        assertThat(recall.again().map(day -> (int) (day.toEpochDay() - FIRST.toEpochDay())))
                .isEqualTo(Optional.ofNullable(again));
    }

    @Test
    void whatReadsOtherwiseNowIsDueThoughItWasKnown() {
        Recall recall = Recall.of(times("0:k"), "No bend past 120°", FIRST.plusDays(1));

        assertThat(recall.state()).isEqualTo(Recall.State.CHANGED);
        assertThat(recall.isDue()).isTrue();
    }

    @Test
    void whatIsDueStandsFirstAndTheMostMissedBeforeTheRest() {
        assertThat(Stream.of("0:k", "0:s 1:s", "0:s 0:k", "0:s")
                        .sorted((one, other) -> Recall.ORDER.compare(
                                Recall.of(times(one), WORDS, FIRST.plusDays(2)),
                                Recall.of(times(other), WORDS, FIRST.plusDays(2)))))
                .containsExactly("0:s 1:s", "0:s", "0:s 0:k", "0:k");
    }
}
