package waypost.core.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MomentTest {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);

    @ParameterizedTest
    @CsvSource({"day 42,42", "day -6,-6", "8 weeks,56", "completed week 8,56", "nth week 8,49", "month 4,120"})
    void becomesADay(String written, int day) {
        assertThat(Moment.parse(written).from(DAY_ZERO)).isEqualTo(new CourseDay(day));
        assertThat(Moment.parse(written)).hasToString(written);
    }

    @Test
    void countsMonthsOnTheCalendar() {
        assertThat(Moment.parse("month 1").from(LocalDate.of(2031, 1, 31)).dateFrom(LocalDate.of(2031, 1, 31)))
                .isEqualTo(LocalDate.of(2031, 2, 28));
    }

    @Test
    void saysWhatIsAllowedAndWhatWasPerhapsMeant() {
        assertThatThrownBy(() -> Moment.parse("6w"))
                .hasMessage("found '6w', allowed: 'day N', 'N weeks', 'completed week N', 'nth week N' or 'month N'."
                        + " Maybe 'completed week 6'");
    }

    @Test
    void stepsHoldUntilTheNextBegins() {
        Steps<String> steps = new Schedule<>(List.of(
                        new Schedule.Entry<>(Moment.parse("day 0"), "a"),
                        new Schedule.Entry<>(Moment.parse("completed week 6"), "b")))
                .on(DAY_ZERO);

        assertThat(steps.on(new CourseDay(-1))).isEmpty();
        assertThat(steps.on(new CourseDay(41)).orElseThrow().value()).isEqualTo("a");
        assertThat(steps.on(new CourseDay(42)).orElseThrow().value()).isEqualTo("b");
        assertThat(steps.on(new CourseDay(900)).orElseThrow().value()).isEqualTo("b");
    }

    @Test
    void refusesStepsThatDoNotFollowEachOther() {
        Schedule<String> schedule = new Schedule<>(List.of(
                new Schedule.Entry<>(Moment.parse("completed week 6"), "b"),
                new Schedule.Entry<>(Moment.parse("nth week 6"), "a")));

        assertThatThrownBy(() -> schedule.on(DAY_ZERO))
                .hasMessage("window: found from day 42 until day 35, allowed: an end after its start");
    }
}
