package waypost.core.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
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

    @ParameterizedTest
    @CsvSource({
        "day 42,45,day 45",
        "6 weeks,49,7 weeks",
        "6 weeks,45,day 45",
        "6 weeks,42,6 weeks",
        "completed week 6,0,completed week 0",
        "completed week 6,-7,day -7",
        "nth week 6,42,nth week 7",
        "nth week 6,0,nth week 1",
        "nth week 6,36,day 36",
        "month 4,120,month 4",
        "month 4,126,completed week 18",
        "month 4,121,day 121"
    })
    void isMovedInItsOwnFormWhileThatCanNameTheDay(String written, int day, String moved) {
        Moment there = Moment.parse(written).movedTo(new CourseDay(day));
        assertThat(there).hasToString(moved);
        assertThat(there.from(Moment.REFERENCE)).isEqualTo(new CourseDay(day));
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
                .on(Clocks.startingOn(DAY_ZERO), DAY_ZERO);

        assertThat(steps.on(new CourseDay(-1), Set.of())).isEmpty();
        assertThat(steps.on(new CourseDay(41), Set.of()).orElseThrow().value()).isEqualTo("a");
        assertThat(steps.on(new CourseDay(42), Set.of()).orElseThrow().value()).isEqualTo("b");
        assertThat(steps.on(new CourseDay(900), Set.of()).orElseThrow().value()).isEqualTo("b");
    }

    @Test
    void refusesStepsThatDoNotFollowEachOther() {
        Schedule<String> schedule = new Schedule<>(List.of(
                new Schedule.Entry<>(Moment.parse("completed week 6"), "b"),
                new Schedule.Entry<>(Moment.parse("nth week 6"), "a")));

        assertThatThrownBy(() -> schedule.on(Clocks.startingOn(DAY_ZERO), DAY_ZERO))
                .hasMessage("steps: found day 35 after day 42, allowed: each later than the one before");
    }

    @Test
    void aStepThatNeedsSomethingWaitsForItAndTheOneBeforeGoesOn() {
        Steps<String> steps = new Schedule<>(List.of(
                        new Schedule.Entry<>(Moment.parse("day 0"), "a"),
                        new Schedule.Entry<>(Moment.parse("6 weeks"), "b", List.of("cleared")),
                        new Schedule.Entry<>(Moment.parse("8 weeks"), "c")))
                .on(Clocks.startingOn(DAY_ZERO), DAY_ZERO);

        Steps.Current<String> waiting = steps.on(new CourseDay(42), Set.of()).orElseThrow();
        assertThat(waiting.value()).isEqualTo("a");
        assertThat(waiting.until()).contains(new CourseDay(56));
        assertThat(waiting.orOnceMet()).containsExactly("cleared");
        assertThat(steps.valueOn(new CourseDay(41), Set.of("cleared"))).contains("a");
        assertThat(steps.valueOn(new CourseDay(42), Set.of("cleared"))).contains("b");
        assertThat(steps.valueOn(new CourseDay(56), Set.of())).contains("c");
    }

    @Test
    void anotherClockIsToldInDaysOfTheCourse() {
        Clocks clocks = new Clocks(DAY_ZERO, Map.of("injection", List.of(DAY_ZERO.plusDays(30))));

        assertThat(clocks.day(Moment.parse("2 weeks"), DAY_ZERO.plusDays(30))).isEqualTo(new CourseDay(44));
        assertThat(clocks.startsOf("injection")).containsExactly(DAY_ZERO.plusDays(30));
        assertThat(clocks.startsOf("")).containsExactly(DAY_ZERO);
        assertThat(clocks.startsOf("revision")).isEmpty();
    }
}
