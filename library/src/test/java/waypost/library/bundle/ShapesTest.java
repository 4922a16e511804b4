package waypost.library.bundle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Counted;
import waypost.core.prescription.WorkingDose;
import waypost.core.runner.Beat;
import waypost.core.runner.Script;
import waypost.core.runner.Shape;
import waypost.library.Shipped;
import waypost.library.text.RefusedException;

/** What sessions look like, as the shipped file has it and as a file may not. */
@Tag("slow")
class ShapesTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;

    private static Activity.Exercise exercise(String id) {
        return (Activity.Exercise) BUNDLE.findActivity(id).orElseThrow();
    }

    private static Script script(String id, int seconds) {
        Activity.Exercise exercise = exercise(id);
        WorkingDose dose = WorkingDose.usual(exercise, exercise.roles().get(0));
        return BUNDLE.shape(id).orElseThrow().script(dose, seconds, 7).orElseThrow();
    }

    /** Nine stages, each at least as hard as the one before (Hickey et al. 2020, from memory). */
    @Test
    void everyRunningStageHasAShapeAndNoneIsEasier() {
        List<Shape.Run> stages = IntStream.rangeClosed(1, 9)
                .mapToObj(nth -> (Shape.Run) BUNDLE.shape("run-" + nth).orElseThrow())
                .toList();
        IntStream.range(1, 9).forEach(nth -> {
            assertThat(stages.get(nth).effort().most())
                    .isGreaterThanOrEqualTo(stages.get(nth - 1).effort().most());
            assertThat(stages.get(nth).speedUp())
                    .isLessThanOrEqualTo(stages.get(nth - 1).speedUp());
        });
    }

    @Test
    void whatCountsRunsOrThrowsHasAShape() {
        assertThat(BUNDLE.activities().stream()
                        .filter(Activity.Exercise.class::isInstance)
                        .map(Activity.Exercise.class::cast)
                        .filter(each -> each.dose().aim().counted() == Counted.RUNS
                                || each.ladder().equals("throwing"))
                        .filter(each -> BUNDLE.shape(each.id()).isEmpty()))
                .isEmpty();
    }

    /** 3 min at 7 to 8 and 3 min at 3 to 4 of 10, four times: 24 minutes; run 1, walk 2 six times: 18. */
    @ParameterizedTest
    @CsvSource({"bike-intervals,1440,4", "run-walk,1080,6", "bike-long,3600,1"})
    void lastsAsLongAsItsDose(String id, int seconds, int rounds) {
        Script script = script(id, 0);
        assertThat(script.seconds()).isEqualTo(seconds);
        assertThat(script.rounds()).isEqualTo(rounds);
    }

    @Test
    void everyShapeOfTheFileCanBeLed() {
        BUNDLE.shapes().forEach((id, shape) -> {
            Activity.Exercise exercise = exercise(id);
            WorkingDose dose = WorkingDose.usual(exercise, exercise.roles().get(0));
            assertThat(shape.says()).isNotBlank();
            shape.script(dose, 60, 3)
                    .ifPresent(script -> assertThat(script.beats())
                            .isSortedAccordingTo(Comparator.comparingInt(Beat::second))
                            .last()
                            .satisfies(beat -> assertThat(beat.kind()).isEqualTo(Beat.Kind.OVER)));
        });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "bridge | steady: { work: w, effort: '5' } | counts reps",
                "bike-easy | run: { speed-up: 30 m, hold: 10 m, slow-down: 30 m, effort: '5' } | counts min",
                "run-1 | throws: { over: 10 m, effort: 50 % } | counts runs",
                "run-1 | run: { speed-up: 0 m, hold: 10 m, slow-down: 30 m, effort: '5' } | metres: found 0",
                "bike-easy | steady: { work: w, effort: '11' } | effort: found 11",
                "bike-easy | calls: { of: [Up, Down], every: 6 to 3 s } | seconds between calls",
                "no-such | steady: { work: w, effort: '5' } | no-such",
                "run-2 | run: { speed-up: 30 m, hold: 10 m, slow-down: 30 m, effort: '5' } | twice"
            })
    void whatDoesNotFitIsRefused(String exercise, String shape, String says) {
        List<SourceText> sources = new ArrayList<>(ShippedLibrary.sources());
        sources.add(new SourceText(
                "tried.yaml", "session-list: tried\nsessions:\n  - { exercise: " + exercise + ", " + shape + " }\n"));
        assertThatExceptionOfType(RefusedException.class)
                .isThrownBy(() -> Bundle.read(sources))
                .withMessageContaining(says);
    }
}
