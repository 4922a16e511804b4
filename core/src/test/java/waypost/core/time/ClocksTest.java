package waypost.core.time;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ClocksTest {

    private static final List<Moment> MOMENTS = Stream.concat(
                    Stream.of("day 40", "6 weeks", "completed week 6", "nth week 6")
                            .map(Moment::parse),
                    IntStream.rangeClosed(1, Moment.MOST_MONTHS).mapToObj(Moment.Month::new))
            .toList();

    private static Clocks clocks(LocalDate dayZero, int fallAfter) {
        return new Clocks(dayZero, Map.of("fall", List.of(dayZero.plusDays(fallAfter))));
    }

    private static List<CourseDay> days(Clocks clocks) {
        return Stream.of("", "fall")
                .flatMap(clock -> clocks.startsOf(clock).stream())
                .flatMap(start -> MOMENTS.stream().map(moment -> clocks.day(moment, start)))
                .toList();
    }

    @Test
    void clocksThatAreEqualWithoutTheirDatesPutEveryMomentOnTheSameDay() {
        LocalDate first = LocalDate.of(2031, 2, 10);
        int equal = 0;
        for (int later = 1; later < 800; later++) {
            Clocks one = clocks(first, 20);
            Clocks other = clocks(first.plusDays(later), 20);
            boolean same = one.undated().equals(other.undated());
            assertThat(days(one).equals(days(other))).as("%s days later", later).isEqualTo(same);
            equal += same ? 1 : 0;
        }
        assertThat(equal).isPositive();
    }

    @Test
    void aFallOnAnotherDayMakesThemDiffer() {
        LocalDate dayZero = LocalDate.of(2031, 2, 10);
        assertThat(clocks(dayZero, 20).undated())
                .isNotEqualTo(clocks(dayZero, 21).undated())
                .isNotEqualTo(Clocks.startingOn(dayZero).undated());
    }
}
