package waypost.core.home;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** When something is due at home, across midnight and over a change of the clock; days worked out by hand. */
class RhythmTest {

    private static final ZoneId VIENNA = ZoneId.of("Europe/Vienna");
    private static final LocalDate USUAL = LocalDate.of(2031, 5, 6);
    private static final LocalDate CLOCKS_FORWARD = LocalDate.of(2031, 3, 30);
    private static final LocalDate CLOCKS_BACK = LocalDate.of(2031, 10, 26);
    private static final Waking LATE = new Waking(LocalTime.of(14, 0), LocalTime.of(2, 0));
    private static final Waking NIGHT = new Waking(LocalTime.of(20, 0), LocalTime.of(5, 0));

    private static List<String> times(List<ZonedDateTime> due) {
        return due.stream().map(each -> each.toLocalTime().toString()).toList();
    }

    @Test
    void isSpreadOverTheWakingHours() {
        assertThat(times(new Rhythm.Times(3).due(USUAL, Waking.USUAL, VIENNA)))
                .containsExactly("10:00", "14:30", "18:30");
        assertThat(times(new Rhythm.Times(1).due(USUAL, Waking.USUAL, VIENNA))).containsExactly("14:30");
    }

    @Test
    void everyHourEndsWithTheDay() {
        List<ZonedDateTime> due = new Rhythm.Hourly(60).due(USUAL, Waking.USUAL, VIENNA);
        assertThat(due).hasSize(13);
        assertThat(times(due)).startsWith("08:00").endsWith("20:00");
    }

    @Test
    void whoGoesToBedAfterMidnightTicksTheNextDay() {
        List<ZonedDateTime> due = new Rhythm.Hourly(120).due(USUAL, LATE, VIENNA);
        assertThat(times(due)).containsExactly("14:00", "16:00", "18:00", "20:00", "22:00", "00:00");
        assertThat(due.get(5).toLocalDate()).isEqualTo(USUAL.plusDays(1));
    }

    @Test
    void theDayOfWhoGoesToBedAfterMidnightEndsInBed() {
        assertThat(Waking.USUAL.lateMinutes()).isZero();
        assertThat(new Waking(LocalTime.of(10, 0), LocalTime.of(1, 30)).lateMinutes())
                .isEqualTo(90);
        assertThat(new Waking(LocalTime.of(8, 0), LocalTime.MIDNIGHT).lateMinutes())
                .isZero();
    }

    /** In the night of the change two o'clock is three, and every slot is an hour after the one before all the same. */
    @Test
    void hoursAreHoursWhenTheClockIsChanged() {
        List<ZonedDateTime> shorter = new Rhythm.Hourly(60).due(CLOCKS_FORWARD.minusDays(1), NIGHT, VIENNA);
        List<ZonedDateTime> longer = new Rhythm.Hourly(60).due(CLOCKS_BACK.minusDays(1), NIGHT, VIENNA);
        assertThat(shorter).hasSize(8);
        assertThat(longer).hasSize(10);
        assertThat(times(shorter)).doesNotContain("02:00");
        for (List<ZonedDateTime> due : List.of(shorter, longer)) {
            for (int nth = 1; nth < due.size(); nth++) {
                assertThat(Duration.between(due.get(nth - 1), due.get(nth))).isEqualTo(Duration.ofHours(1));
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"0", "13", "-1"})
    void soManyTimesADayNobodyDoes(int times) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Rhythm.Times(times))
                .withMessageContaining("allowed: 1 to 12");
    }

    @Test
    void aNightOfAnHourIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Waking(LocalTime.of(8, 0), LocalTime.of(9, 0)))
                .withMessageContaining("6 hours at least");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Rhythm.Hourly(10))
                .withMessageContaining("30 to 240");
    }
}
