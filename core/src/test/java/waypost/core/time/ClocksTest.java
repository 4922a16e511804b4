package waypost.core.time;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ClocksTest {

    private static final SortedSet<Integer> COUNTED =
            IntStream.rangeClosed(1, 99).boxed().collect(Collectors.toCollection(TreeSet::new));

    private static final List<Moment> MOMENTS = Stream.concat(
                    Stream.of("day 40", "6 weeks", "completed week 6", "nth week 6")
                            .map(Moment::parse),
                    COUNTED.stream().map(Moment.Month::new))
            .toList();

    private static final SortedSet<Integer> NONE = Collections.emptySortedSet();

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
            boolean same = one.undated(COUNTED).equals(other.undated(COUNTED));
            assertThat(days(one).equals(days(other))).as("%s days later", later).isEqualTo(same);
            equal += same ? 1 : 0;
        }
        assertThat(equal).isPositive();
    }

    @Test
    void aFallOnAnotherDayMakesThemDiffer() {
        LocalDate dayZero = LocalDate.of(2031, 2, 10);
        assertThat(clocks(dayZero, 20).undated(COUNTED))
                .isNotEqualTo(clocks(dayZero, 21).undated(COUNTED))
                .isNotEqualTo(Clocks.startingOn(dayZero).undated(COUNTED));
    }

    @Test
    void withoutMonthsTheDateOfDayZeroDoesNotMatter() {
        LocalDate dayZero = LocalDate.of(2031, 2, 10);
        assertThat(clocks(dayZero, 20).undated(NONE))
                .isEqualTo(clocks(dayZero.plusDays(31), 20).undated(NONE))
                .isNotEqualTo(clocks(dayZero.plusDays(31), 21).undated(NONE));
    }

    @Test
    void onlyTheMonthsThatAreCountedMatter() {
        LocalDate dayZero = LocalDate.of(2031, 2, 10);
        SortedSet<Integer> two = new TreeSet<>(Set.of(2));
        assertThat(Clocks.startingOn(dayZero).undated(two))
                .as("10 February to April and 10 April to June: 59 and 61 days; 1 and 2 July to September: 62 both")
                .isNotEqualTo(Clocks.startingOn(LocalDate.of(2031, 4, 10)).undated(two));
        assertThat(Clocks.startingOn(LocalDate.of(2031, 7, 1)).undated(two))
                .isEqualTo(Clocks.startingOn(LocalDate.of(2031, 7, 2)).undated(two));
    }
}
