package waypost.library.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.anatomy.Build;
import waypost.core.demand.Load;
import waypost.core.done.SpringPull;
import waypost.core.exercise.Activity;
import waypost.core.strength.Calibration;
import waypost.core.strength.Force;
import waypost.core.strength.Spring;
import waypost.library.bundle.ShippedLibrary;

/** Which spring makes a dose that is told in kilograms, of the carriage exercises that ship. */
class SpringPullWordsTest {

    private static Spring spring(String name, double homeMetres, double newtonsAtTriple) {
        return new Spring(name, homeMetres, new Calibration(0.6, Map.of(200, new Force(newtonsAtTriple))));
    }

    private static final List<Spring> SPRINGS = List.of(spring("reed", 0.65, 24), spring("oak", 0.65, 240));

    private static SpringPull pull(String exercise) {
        Activity.Exercise found = (Activity.Exercise) ShippedLibrary.read().activities().stream()
                .filter(each -> each.id().equals(exercise))
                .findFirst()
                .orElseThrow();
        return SpringPull.of(found, found.roles().get(0), Build.MIDDLING).orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"carriage-both", "carriage-heavier", "carriage-one"})
    void everyCarriageThatShipsGoesAsFarAsItsArms(String exercise) {
        SpringPull pull = pull(exercise);

        assertThat(pull.travelMetres()).isBetween(0.5, 1.4);
        assertThat(pull.endArmMetres()).isPositive();
        assertThat(pull.share()).isEqualTo(exercise.equals("carriage-one") ? 1 : 0.5);
    }

    @Test
    void theStrongestWithinTheDoseIsNamedWithItsForcesAndTorques() {
        // By hand: 24 N for 120 cm, so 1 N at 65 cm and 18.4 N 87 cm further, half of each in a hand.
        assertThat(SpringPullWords.say(pull("carriage-both"), SPRINGS, Load.parse("2 kg")))
                .isEqualTo(
                        "Spring reed: 1 N in each hand at the start, 9 N at the far end, 87 cm on; 0.3 and 2.1 N·m at the"
                                + " shoulder, for somebody of 1.75 m.");
    }

    @Test
    void aDoseThatNoSpringStaysWithinIsToldWithTheLightest() {
        assertThat(SpringPullWords.say(pull("carriage-both"), List.of(SPRINGS.get(1)), Load.parse("2 kg")))
                .matches(
                        "No spring of the clinic stays within 2 kg in each hand: the lightest comes to \\d+\\.\\d kg at the far"
                                + " end, \\d+ cm on\\. Stop sooner\\.");
    }

    @Test
    void whatNobodyMeasuredSoFarIsSaid() {
        Spring shortOne = new Spring("elm", 0.65, new Calibration(0.6, Map.of(50, new Force(10))));

        assertThat(SpringPullWords.say(pull("carriage-both"), List.of(shortOne), Load.parse("2 kg")))
                .matches("The carriage goes \\d+ cm; nobody has measured a spring of the clinic so far\\.");
    }

    @Test
    void nothingIsToldWhereNoneIsMeasuredOrTheDoseIsNotInKilograms() {
        assertThat(SpringPullWords.say(pull("carriage-both"), List.of(), Load.parse("2 kg")))
                .isEmpty();
        assertThat(SpringPullWords.say(pull("carriage-both"), SPRINGS, Load.parse("band 2")))
                .isEmpty();
    }
}
