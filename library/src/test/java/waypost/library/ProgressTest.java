package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Progress;
import waypost.core.course.SignedPhase;
import waypost.core.log.Evidence;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolver;
import waypost.library.bundle.Bundle;
import waypost.library.words.ProgressWords;

/** How a replaced knee moves toward the bend that its next phase asks for, on the shipped protocol. */
class ProgressTest {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final Bundle BUNDLE = Shipped.BUNDLE;

    /** Passive bends, strict, of one rater, every four days from day 2 on. */
    private static List<Progress> bends(double... degrees) {
        return bends(true, degrees);
    }

    private static List<Progress> bends(boolean strict, double... degrees) {
        Measure flexion = BUNDLE.measure("knee-flexion");
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < degrees.length; i++) {
            for (Mode mode : List.of(Mode.PASSIVE, Mode.ACTIVE)) {
                readings.add(new Reading(
                        flexion.id(),
                        Side.RIGHT,
                        mode,
                        flexion.amount(degrees[i]),
                        DAY_ZERO.plusDays(2 + 4L * i),
                        strict,
                        "somebody",
                        Optional.empty(),
                        Optional.empty()));
            }
        }
        Protocol protocol = BUNDLE.protocol("knee.replacement");
        List<SignedPhase> signed = protocol.phases().stream()
                .filter(phase -> phase.leave().contains("bend-90"))
                .map(phase -> new SignedPhase(phase.id(), DAY_ZERO.plusDays(1)))
                .toList();
        Course course = Course.of(
                Resolver.resolve(protocol, Answers.NONE, DAY_ZERO),
                BUNDLE.activities(),
                BUNDLE.measures(),
                History.of(Side.RIGHT, Evidence.of(new Readings(readings)), signed, List.of()));
        LocalDate today = DAY_ZERO.plusDays(2 + 4L * (degrees.length - 1));
        return Progress.of(course.on(today, today, Outlook.TIME_ONLY));
    }

    @Test
    void whatRisesIsToBeExpectedOnADay() {
        assertThat(bends(40, 47, 52, 60, 66, 71)).singleElement().satisfies(progress -> {
            assertThat(progress.plateau()).isFalse();
            assertThat(progress.forecast()).isPresent();
            assertThat(ProgressWords.say(progress))
                    .startsWith("If it goes on as it does: about ")
                    .contains("(80 %)");
        });
    }

    @Test
    void whatStandsStillBelowItsCorridorIsAPlateauAndHasNoForecast() {
        assertThat(bends(52, 53, 52, 54, 53, 52, 53)).singleElement().satisfies(progress -> {
            assertThat(progress.plateau()).isTrue();
            assertThat(progress.forecast()).isEmpty();
            assertThat(ProgressWords.say(progress)).contains("No change that can be detected for 21 days");
        });
    }

    @Test
    void fewReadingsAndCompensatedOnesTellNothing() {
        assertThat(bends(40, 50, 60, 70)).isEmpty();
        assertThat(bends(false, 40, 47, 52, 60, 66, 71)).isEmpty();
    }
}
