package waypost.core.battery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * 51 % fewer knee injuries for each month that the return was put off until month 9 (Grindem et al. 2016, from memory): a
 * month earlier is 1 / 0.49 = 2.04 times as often.
 */
class EarlyReturnTest {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 1, 31);
    private static final EarlyReturn GRINDEM =
            new EarlyReturn("pivoting sport", 9, 5, 1 / 0.49, "Grindem et al. 2016, from memory");

    @ParameterizedTest
    @CsvSource({
        "2031-10-31, 0, 1.00",
        "2031-12-01, 0, 1.00",
        "2031-10-30, 1, 2.04",
        "2031-09-30, 1, 2.04",
        "2031-09-29, 2, 4.16",
        "2031-07-31, 3, 8.50",
        "2031-06-30, 4, 17.35"
    })
    void eachMonthEarlierDoubles(LocalDate date, int months, double times) {
        assertThat(GRINDEM.monthsEarly(DAY_ZERO, date)).isEqualTo(months);
        assertThat(GRINDEM.timesAsOften(DAY_ZERO, date).orElse(1)).isCloseTo(times, within(0.01));
    }

    @Test
    void nothingIsSaidOfWhatNobodyObserved() {
        assertThat(GRINDEM.timesAsOften(DAY_ZERO, LocalDate.of(2031, 6, 29))).isEmpty();
        assertThat(GRINDEM.isEarly(DAY_ZERO, LocalDate.of(2031, 6, 29))).isTrue();
    }

    @ParameterizedTest
    @ValueSource(doubles = {1, 0.49, 10, Double.NaN})
    void aFactorThatIsNoneIsRefused(double times) {
        assertThatThrownBy(() -> new EarlyReturn("sport", 9, 5, times, "")).hasMessageContaining("allowed");
    }

    @Test
    void monthsTheWrongWayRoundAreRefused() {
        assertThatThrownBy(() -> new EarlyReturn("sport", 5, 9, 2, "")).hasMessageContaining("found months 9 to 5");
    }
}
