package waypost.core.home;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What of what comes from home somebody has to look at. */
class SaidAtHomeTest {

    private static final LocalDate MONDAY = LocalDate.of(2031, 5, 5);

    private static SaidAtHome said(int day, boolean tooMuch, int pain, String flag) {
        return new SaidAtHome(
                "bridge/operated",
                MONDAY.plusDays(day),
                tooMuch,
                pain < 0 ? OptionalInt.empty() : OptionalInt.of(pain),
                flag);
    }

    /** The protocol lets 3 of 10. */
    @ParameterizedTest
    @CsvSource({
        "false,3,'',",
        "false,4,'','MorePain[found=4, most=3]'",
        "false,-1,'',",
        "true,0,'',TooMuch[]",
        "true,9,calf,Sign[flag=calf]"
    })
    void theGravestIsTold(boolean tooMuch, int pain, String flag, String worry) {
        assertThat(said(0, tooMuch, pain, flag).worry(3).map(Worry::toString).orElse(null))
                .isEqualTo(worry);
    }

    /** Pain day by day, a dash where nothing was said. */
    @ParameterizedTest
    @CsvSource({"5 5 5,3", "5 5,0", "5 5 2,0", "2 5 5 5,3", "5 - 5 - 5,3", "9 9 9 9 3,0", "4 4 4 4,4", "3 3 3,0"})
    void threeBadDaysRunning(String pains, int days) {
        String[] each = pains.split(" ");
        List<SaidAtHome> said = IntStream.range(0, each.length)
                .filter(day -> !each[day].equals("-"))
                .mapToObj(day -> said(day, false, Integer.parseInt(each[day]), ""))
                .toList();
        assertThat(SaidAtHome.badDays(said, 3).map(Worry::toString).orElse(""))
                .isEqualTo(days == 0 ? "" : "BadDays[days=" + days + "]");
    }

    @Test
    void theWorstOfADayIsThatDays() {
        List<SaidAtHome> said = Arrays.asList(
                said(0, false, 5, ""),
                said(0, false, 1, ""),
                said(1, false, 1, ""),
                said(1, false, 6, ""),
                said(2, false, 4, ""));
        assertThat(SaidAtHome.badDays(said, 3)).isPresent();
    }

    @ParameterizedTest
    @CsvSource({"0,0,false", "0,2,false", "0,3,true", "3,3,false", "2,9,true"})
    void twoWholeDaysWithoutAWordAreQuiet(int last, int today, boolean quiet) {
        assertThat(Worry.quiet(MONDAY.plusDays(last), MONDAY.plusDays(today)).isPresent())
                .isEqualTo(quiet);
    }

    @Test
    void whatWasTooMuchWaits() {
        List<SaidAtHome> said = List.of(said(0, true, 0, ""), said(1, false, 0, ""));
        assertThat(SaidAtHome.waits(said, "bridge/operated")).isTrue();
        assertThat(SaidAtHome.waits(said, "squat/operated")).isFalse();
        assertThat(SaidAtHome.waits(said.subList(1, 2), "bridge/operated")).isFalse();
    }
}
