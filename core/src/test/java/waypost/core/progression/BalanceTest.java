package waypost.core.progression;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.LadderCourse.DATE;
import static waypost.core.gate.LadderCourse.exercise;
import static waypost.core.gate.LadderCourse.operated;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Mode;
import waypost.core.body.Tissue;
import waypost.core.demand.Demand;
import waypost.core.demand.Level;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.RoleKey;
import waypost.core.log.SetDone;
import waypost.core.log.WorkLog;

/** A day between hard sessions of one tissue; strength gives way to sport that rises by more than a fifth. */
class BalanceTest {

    private static Demand load(Tissue tissue, Level level) {
        return new Demand.TissueLoad(tissue, level, Mode.RESISTED, Optional.empty());
    }

    private static final List<Activity> LIBRARY = List.of(
            exercise("press", "press", 1, Purpose.STRENGTH, load(Tissue.QUADRICEPS, Level.HIGH)),
            exercise("squat", "squat", 1, Purpose.ENDURANCE, load(Tissue.QUADRICEPS, Level.HIGH)),
            exercise("light", "light", 1, Purpose.STRENGTH, load(Tissue.QUADRICEPS, Level.LOW)),
            exercise("slide", "slide", 1, Purpose.MOBILITY, load(Tissue.QUADRICEPS, Level.HIGH)),
            exercise("curl", "curl", 1, Purpose.STRENGTH, load(Tissue.HAMSTRING, Level.HIGH)));

    private static Balance after(String done, int daysBack) {
        return new Balance(
                LIBRARY,
                new WorkLog(
                        List.of(new SetDone(
                                operated(done), DATE.minusDays(daysBack), 10, Optional.empty(), 0, SetDone.Form.GOOD)),
                        List.of()));
    }

    @ParameterizedTest
    @CsvSource({
        "press,1,press,true",
        "squat,1,press,true",
        "press,2,press,false",
        "press,0,press,false",
        "curl,1,press,false",
        "light,1,press,false",
        "slide,1,press,false",
        "press,1,light,false",
        "press,1,slide,false"
    })
    void aTissueRestsTheDayAfterItWorkedHard(String done, int daysBack, String asked, boolean rests) {
        Optional<Ground.TissueRests> resting = after(done, daysBack).resting(operated(asked), DATE);

        assertThat(resting)
                .isEqualTo(
                        rests
                                ? Optional.of(new Ground.TissueRests(
                                        Tissue.QUADRICEPS, operated(done), DATE.minusDays(daysBack)))
                                : Optional.empty());
    }

    @Test
    void whatIsHardIsKnownOfEachRole() {
        Balance balance = after("press", 1);

        assertThat(balance.hard(operated("curl"))).containsExactly(Tissue.HAMSTRING);
        assertThat(balance.hard(new RoleKey("curl", "other"))).isEmpty();
        assertThat(balance.hard(operated("unknown"))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"100,120,false", "100,121,true", "0,300,false", "60,40,false"})
    void sportThatRisesByMoreThanAFifth(int before, int now, boolean rose) {
        assertThat(Balance.sport(before, now))
                .isEqualTo(rose ? Optional.of(new Ground.SportRose(before, now)) : Optional.empty());
    }
}
