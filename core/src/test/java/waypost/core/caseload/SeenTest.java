package waypost.core.caseload;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.followup.VisitAdvice;
import waypost.core.protocol.Frequency;

/** When somebody is seen too seldom or too often. Today is day 40. */
class SeenTest {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final LocalDate TODAY = DAY_ZERO.plusDays(40);

    private static VisitAdvice advice(String often) {
        return new VisitAdvice(
                VisitAdvice.Kind.SAME, Optional.of(Frequency.parse(often)), List.of(), OptionalDouble.empty());
    }

    private static Optional<LocalDate> day(Integer day) {
        return Optional.ofNullable(day).map(DAY_ZERO::plusDays);
    }

    /** Twice a week is every four days, seven are a concern; what is booked soon is none. */
    @ParameterizedTest
    @CsvSource({
        "2 a week,37,,false",
        "2 a week,33,,false",
        "2 a week,32,,true",
        "2 a week,37,48,true",
        "2 a week,38,44,false",
        "2 a week,,,true",
        "1 a week,30,,false",
        "1 a week,29,,true",
        "1 a week,35,41,false"
    })
    void tooSeldom(String often, Integer last, Integer next, boolean expected) {
        Seen seen = new Seen(day(last), day(next), 0, Optional.empty());
        assertThat(seen.tooSeldom(advice(often), DAY_ZERO, TODAY).isPresent()).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"2 a week,4,false", "2 a week,7,false", "2 a week,8,false", "2 a week,9,true", "1 a week,5,true"})
    void tooOften(String often, int visits, boolean expected) {
        assertThat(new Seen(Optional.of(TODAY), Optional.empty(), visits, Optional.empty())
                        .tooOften(advice(often))
                        .isPresent())
                .isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"0,,40,false", "0,,42,true", "0,20,61,false", "0,20,62,true"})
    void aReportIsDueEverySixWeeks(int dayZero, Integer reported, int today, boolean due) {
        Seen seen = new Seen(Optional.empty(), Optional.empty(), 0, day(reported));
        assertThat(seen.reportDue(DAY_ZERO.plusDays(dayZero), DAY_ZERO.plusDays(today))
                        .isPresent())
                .isEqualTo(due);
    }
}
