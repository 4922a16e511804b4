package waypost.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static waypost.core.gate.Fixture.DAY_ZERO;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.exercise.RoleKey;

/** What was done, by role and by day, with the last answer of each day. */
class WorkLogTest {

    private static final RoleKey PRESS = new RoleKey("press", "operated");
    private static final RoleKey SLIDE = new RoleKey("slide", "operated");

    private static LocalDate day(int number) {
        return DAY_ZERO.plusDays(number);
    }

    private static SetDone set(RoleKey role, int day, int amount) {
        return new SetDone(role, day(day), amount, Optional.empty(), 0, SetDone.Form.GOOD);
    }

    private static Response answer(int day, boolean swollen) {
        return new Response(day(day), 0, Optional.empty(), Optional.empty(), swollen, Response.Soreness.NONE);
    }

    private static final WorkLog WORK = new WorkLog(
            List.of(set(PRESS, 5, 9), set(PRESS, 3, 8), set(SLIDE, 3, 20), set(PRESS, 3, 7)),
            List.of(answer(3, false), answer(5, false), answer(3, true)));

    @Test
    void boutsAreOfOneRoleOldestFirst() {
        assertThat(WORK.bouts(PRESS)).extracting(Bout::on).containsExactly(day(3), day(5));
        assertThat(WORK.bouts(PRESS).get(0).sets()).extracting(SetDone::amount).containsExactly(8, 7);
        assertThat(WORK.bouts(PRESS).get(0).response()).contains(answer(3, true));
        assertThat(WORK.bouts(PRESS).get(1).response()).contains(answer(5, false));
    }

    @Test
    void sessionsAreTheDaysWithWhatWasDoneAndWhetherItFlared() {
        assertThat(WORK.sessions())
                .containsExactly(
                        new Session(day(3), Set.of("press", "slide"), true),
                        new Session(day(5), Set.of("press"), false));
        assertThat(WORK.answer(day(4))).isEmpty();
    }

    @Test
    void upToADayWithTheDay() {
        WorkLog known = WORK.upTo(day(3));

        assertThat(known.sets()).hasSize(3).allMatch(set -> set.on().equals(day(3)));
        assertThat(known.responses()).containsExactly(answer(3, false), answer(3, true));
        assertThat(WORK.upTo(day(2))).isEqualTo(WorkLog.NONE);
    }

    @ParameterizedTest
    @CsvSource({"-1,0", "0,-1", "0,11"})
    void whatNobodyDoesIsRefused(int amount, int pain) {
        assertThatThrownBy(() -> new SetDone(PRESS, day(3), amount, Optional.empty(), pain, SetDone.Form.GOOD))
                .hasMessageContaining("allowed: 0 to");
    }

    @ParameterizedTest
    @CsvSource({"0,0", "1,10"})
    void theEdgesOfWhatIsDoneAreKept(int amount, int pain) {
        assertThat(new SetDone(PRESS, day(3), amount, Optional.empty(), pain, SetDone.Form.GOOD).amount())
                .isEqualTo(amount);
    }
}
