package waypost.core.home;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.prescription.WorkingDose;

/** What a program may say, and how its doses grow. */
class HomeProgramTest {

    private static final LocalDate MONDAY = LocalDate.of(2031, 5, 5);

    private static HomeLine line(String role, Optional<HomeGrowth> growth) {
        WorkingDose dose = new WorkingDose(2, SetAim.parse("8 to 10 reps"), Optional.empty());
        return new HomeLine(RoleKey.of(role), dose, new Rhythm.Times(2), Set.of(), growth, "");
    }

    private static HomeProgram program(LocalDate until, HomeLine... lines) {
        return new HomeProgram(MONDAY, until, Waking.USUAL, List.of(lines));
    }

    /** Two more every three days from 10: 10 10 10 12 12 12 14 14 14 15 and no further. */
    @Test
    void growsByItsStepsUpToItsTop() {
        HomeLine grown = line("bridge/operated", Optional.of(new HomeGrowth(2, 3, 15)));
        assertThat(IntStream.range(0, 12)
                        .map(day ->
                                grown.doseOn(MONDAY.plusDays(day), MONDAY).aim().most()))
                .containsExactly(10, 10, 10, 12, 12, 12, 14, 14, 14, 15, 15, 15);
        assertThat(grown.doseOn(MONDAY.plusDays(3), MONDAY).aim()).isEqualTo(SetAim.parse("10 to 12 reps"));
    }

    @Test
    void neverShrinksWhereItsTopLiesBelow() {
        HomeLine above = line("bridge/operated", Optional.of(new HomeGrowth(1, 1, 5)));
        assertThat(above.doseOn(MONDAY.plusDays(9), MONDAY)).isEqualTo(above.begun());
    }

    @Test
    void isValidFromItsFirstToItsLastDay() {
        HomeProgram program = program(MONDAY.plusDays(13), line("bridge/operated", Optional.empty()));
        assertThat(program.days()).hasSize(14);
        assertThat(program.isValidOn(MONDAY.minusDays(1))).isFalse();
        assertThat(program.isValidOn(MONDAY)).isTrue();
        assertThat(program.isValidOn(MONDAY.plusDays(13))).isTrue();
        assertThat(program.isValidOn(MONDAY.plusDays(14))).isFalse();
    }

    @Test
    void whatNobodyCanMeanIsRefused() {
        HomeLine bridge = line("bridge/operated", Optional.empty());
        assertThatIllegalArgumentException()
                .isThrownBy(() -> program(MONDAY.plusDays(42), bridge))
                .withMessageContaining("found 43 days, allowed: 1 to 42");
        assertThatIllegalArgumentException().isThrownBy(() -> program(MONDAY.minusDays(1), bridge));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> program(MONDAY, bridge, bridge))
                .withMessageContaining("found one twice");
        assertThatIllegalArgumentException().isThrownBy(() -> program(MONDAY)).withMessageContaining("1 to 20");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new HomeGrowth(0, 1, 5))
                .withMessageContaining("1 to 10 more every 1 to 14 days");
    }

    @Test
    void aWeekdayThatIsNotMeantIsNone() {
        HomeLine mondays = new HomeLine(
                RoleKey.of("bridge/operated"),
                new WorkingDose(1, SetAim.parse("10 reps"), Optional.empty()),
                new Rhythm.Times(1),
                Set.of(DayOfWeek.MONDAY),
                Optional.empty(),
                "");
        assertThat(mondays.isOn(MONDAY)).isTrue();
        assertThat(mondays.isOn(MONDAY.plusDays(1))).isFalse();
    }
}
