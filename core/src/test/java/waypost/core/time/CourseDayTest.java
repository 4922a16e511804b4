package waypost.core.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.Period;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class CourseDayTest {

    /** Day and week counts agree with java.time over generated dates. */
    @ParameterizedTest
    @MethodSource("generatedDates")
    void countsAsJavaTimeDoes(LocalDate dayZero, LocalDate date) {
        CourseDay day = CourseDay.between(dayZero, date);

        assertThat(day.number()).isEqualTo((int) ChronoUnit.DAYS.between(dayZero, date));
        assertThat(day.weeksCompleted()).isEqualTo((int) ChronoUnit.WEEKS.between(dayZero, date));
        assertThat(day.dateFrom(dayZero)).isEqualTo(date);
        assertThat(new Moment.Month(4).from(dayZero).dateFrom(dayZero)).isEqualTo(dayZero.plus(Period.ofMonths(4)));
    }

    static Stream<LocalDate[]> generatedDates() {
        Random random = new Random(20310403);
        return Stream.generate(() -> {
                    LocalDate dayZero = LocalDate.of(2020, 1, 1).plusDays(random.nextInt(6000));
                    return new LocalDate[] {dayZero, dayZero.plusDays(random.nextInt(900) - 90)};
                })
                .limit(300);
    }

    @Test
    void tellsBothCountingsApart() {
        CourseDay day = new CourseDay(39);

        assertThat(day.weeksCompleted()).isEqualTo(5);
        assertThat(day.daysBeyondWeeks()).isEqualTo(4);
        assertThat(day.runningWeek()).hasValue(6);
        assertThat(CourseDay.ofCompletedWeeks(6)).isEqualTo(new CourseDay(42));
        assertThat(CourseDay.ofNthWeek(6)).isEqualTo(new CourseDay(35));
    }

    @Test
    void isNegativeBeforeDayZeroAndThenHasNoRunningWeek() {
        CourseDay day = CourseDay.between(LocalDate.of(2031, 4, 15), LocalDate.of(2031, 4, 3));

        assertThat(day.number()).isEqualTo(-12);
        assertThat(day.runningWeek()).isEmpty();
    }

    /** A clinical day is a date: the nights on which clocks change are days like any other. */
    @Test
    void countsDaysAcrossClockChanges() {
        LocalDate before = LocalDate.of(2031, 3, 29);
        LocalDate after = LocalDate.of(2031, 3, 31);

        assertThat(ZoneId.of("Europe/Lisbon")
                        .getRules()
                        .getTransition(before.plusDays(1).atTime(1, 30)))
                .isNotNull();
        assertThat(CourseDay.between(before, after).number()).isEqualTo(2);
    }

    @Test
    void refusesWeekZeroAsARunningWeek() {
        assertThatThrownBy(() -> CourseDay.ofNthWeek(0)).hasMessage("nth week: found 0, allowed: 1 and above");
    }
}
