package waypost.core.progression;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.demand.Load;
import waypost.core.exercise.Arranged;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.Arrangements;
import waypost.core.exercise.Progression;
import waypost.core.exercise.SetAim;
import waypost.core.exercise.Setting;
import waypost.core.log.Bout;
import waypost.core.log.SetDone;
import waypost.core.prescription.GoesOnBy;
import waypost.core.prescription.WorkingDose;

/** Where nothing is held, a rule goes through the choices of the set-up before it goes to another rung. */
class SetUpStepsTest {

    private static final Arrangements STEPS = steps();

    private static Arrangements steps() {
        List<Setting> settings = List.of(new Setting("step height", List.of("10 cm", "15 cm", "20 cm"), "15 cm"));
        Map<Arrangement, Arranged> ways = new LinkedHashMap<>();
        Arrangements.of(settings).forEach(so -> ways.put(so, new Arranged(List.of(), Map.of())));
        return new Arrangements(settings, ways);
    }

    private static Arrangement at(String height) {
        return height == null ? Arrangement.UNSAID : new Arrangement(Map.of("step height", height));
    }

    private static Bout bout(int day, String height, Optional<Load> load, int pain) {
        SetDone set = new SetDone(Told.ROLE, Told.START.plusDays(day), 8, load, at(height), pain, SetDone.Form.GOOD);
        return new Bout(set.on(), List.of(set, set), Optional.empty());
    }

    private static Step next(Optional<Load> load, Bout... bouts) {
        WorkingDose usual = new WorkingDose(2, SetAim.parse("8 reps"), load, STEPS.usual());
        Task task = new Task(
                usual, STEPS, List.of(bouts), new PainLimit(2, PainLimit.From.PROTOCOL), Told.START.plusDays(9));
        return ProgressionRule.named(GoesOnBy.usual(Progression.DOUBLE_PROGRESSION))
                .next(task);
    }

    @ParameterizedTest
    @CsvSource(
            value = {
                "10 cm,0,UP,15 cm",
                "15 cm,0,UP,20 cm",
                "20 cm,0,NEXT_RUNG,20 cm",
                "-,0,UP,20 cm",
                "20 cm,5,DOWN,15 cm",
                "15 cm,5,DOWN,10 cm",
                "10 cm,5,RUNG_BEFORE,10 cm"
            },
            nullValues = "-")
    void twoCleanSessionsRaiseTheStepAndPainLowersIt(String height, int pain, Way way, String then) {
        Step step = next(
                Optional.empty(), bout(1, height, Optional.empty(), pain), bout(3, height, Optional.empty(), pain));

        assertThat(step.way()).isEqualTo(way);
        assertThat(step.dose().setUp()).isEqualTo(at(then));
    }

    @Test
    void whatWasDoneOnALowerStepDoesNotCount() {
        Step step =
                next(Optional.empty(), bout(1, "10 cm", Optional.empty(), 0), bout(3, "15 cm", Optional.empty(), 0));

        assertThat(step.way()).isEqualTo(Way.SAME);
        assertThat(step.dose().setUp()).isEqualTo(at("15 cm"));
    }

    /** One thing at a time: whoever holds something goes up in that, on the step of last time. */
    @Test
    void withALoadTheStepStays() {
        Optional<Load> held = Optional.of(Load.parse("4 kg"));
        Step step = next(held, bout(1, "10 cm", held, 0), bout(3, "10 cm", held, 0));

        assertThat(step.way()).isEqualTo(Way.UP);
        assertThat(step.dose().load()).contains(Load.parse("4.5 kg"));
        assertThat(step.dose().setUp()).isEqualTo(at("10 cm"));
    }
}
