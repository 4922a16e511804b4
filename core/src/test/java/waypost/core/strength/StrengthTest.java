package waypost.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import javax.measure.MetricPrefix;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import systems.uom.common.USCustomary;
import tech.units.indriya.unit.Units;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.Symmetry;

class StrengthTest {

    /** Kilogram and pound force by definition; the handbook gives 9.80665 and 4.4482216. */
    @ParameterizedTest
    @CsvSource({"NEWTON,1", "KILOGRAM_FORCE,9.80665", "POUND_FORCE,4.4482216152605"})
    void forceUnitsHaveTheirExactFactors(Force.Unit unit, double newtons) {
        assertThat(Force.of(1, unit).newtons()).isEqualTo(newtons, within(1e-13));
        assertThat(Force.of(250, unit).in(unit)).isEqualTo(250, within(1e-12));
    }

    /** Pounds against the reference implementation of the Java units standard (JSR 385). */
    @Test
    void poundsAgreeWithTheUnitsLibrary() {
        double kilograms = USCustomary.POUND
                .getConverterTo(MetricPrefix.KILO(Units.GRAM).asType(javax.measure.quantity.Mass.class))
                .convert(1.0);

        assertThat(BodyMass.ofPounds(1000 / 10.0).kilograms()).isEqualTo(100 * kilograms, within(1e-12));
        assertThat(Force.of(1, Force.Unit.POUND_FORCE).newtons()).isEqualTo(kilograms * 9.80665, within(1e-12));
    }

    /** By definition: 200 N at 0.35 m is 70 N·m; over 80 kg, 0.875 N·m/kg. */
    @Test
    void torqueIsForceTimesLever() {
        Torque torque = Torque.of(new Force(200), LeverArm.ofCentimetres(35));

        assertThat(torque.newtonMetres()).isEqualTo(70, within(1e-12));
        assertThat(torque.perKilogram(new BodyMass(80))).isEqualTo(0.875, within(1e-12));
    }

    static IntStream seeds() {
        return IntStream.range(0, 200);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theUnitOfForceNeverChangesTorqueOrSymmetry(int seed) {
        Random random = new Random(seed);
        Force operated = new Force(20 + 600 * random.nextDouble());
        Force other = new Force(20 + 600 * random.nextDouble());
        LeverArm arm = LeverArm.ofCentimetres(10 + 40 * random.nextDouble());
        double symmetry = symmetry(operated, other, arm);
        for (Force.Unit unit : Force.Unit.values()) {
            Force saidOperated = Force.of(operated.in(unit), unit);
            Force saidOther = Force.of(other.in(unit), unit);

            assertThat(Torque.of(saidOperated, arm).newtonMetres())
                    .isEqualTo(Torque.of(operated, arm).newtonMetres(), within(1e-9));
            assertThat(symmetry(saidOperated, saidOther, arm)).isEqualTo(symmetry, within(1e-9));
        }
    }

    private static double symmetry(Force operated, Force other, LeverArm arm) {
        Amount mine = Torque.of(operated, arm).amount();
        return Symmetry.between(mine, Torque.of(other, arm).amount(), Measure.Better.HIGHER)
                .percent();
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> new Force(-1)).hasMessage("force: found -1.0 N, allowed: 0 to 10000 N");
        assertThatThrownBy(() -> LeverArm.ofCentimetres(150))
                .hasMessage("lever arm: found 150.0 cm, allowed: 2 to 100 cm");
        assertThatThrownBy(() -> new BodyMass(1)).hasMessage("body mass: found 1.0 kg, allowed: 2 to 400 kg");
        assertThatThrownBy(() -> new Trials(List.of()))
                .hasMessage("trials: found [], allowed: at least one, each above 0");
        assertThatThrownBy(() -> new SetWork(0, 10))
                .hasMessage("sets: found 0 × 10, allowed: 1 to 20 sets of 1 to 200 repetitions");
        assertThatThrownBy(() -> SessionLoad.of(11, 10)).hasMessageContaining("an effort of 0 to 10");
    }

    /** Within 10 % or repeat: 200 and 180 are just close enough, 200 and 179 are not. */
    @Test
    void trialsAgreeWithinATenthOfTheHighest() {
        assertThat(new Trials(List.of(200.0, 190.0, 180.0)).agree()).isTrue();
        Trials apart = new Trials(List.of(200.0, 179.0, 190.0));
        assertThat(apart.agree()).isFalse();
        assertThat(apart.spreadPercent()).isEqualTo(10.5, within(1e-9));
        assertThat(apart.chosen(Trials.Choice.BEST, false)).isEqualTo(200);
        assertThat(apart.chosen(Trials.Choice.BEST, true)).isEqualTo(179);
        assertThat(apart.chosen(Trials.Choice.MEAN, false)).isEqualTo(569 / 3.0, within(1e-9));
    }

    /** Epley 1985 and Brzycki 1993 (from memory): 100 kg × 10 is 133.3 by both; one repetition is itself. */
    @Test
    void estimatesTheRepetitionMaximum() {
        assertThat(RepetitionMaximum.epley(100, 10).load()).isEqualTo(133.333, within(0.001));
        assertThat(RepetitionMaximum.brzycki(100, 10).load()).isEqualTo(133.333, within(0.001));
        assertThat(RepetitionMaximum.epley(100, 1).load()).isEqualTo(100);
        assertThat(RepetitionMaximum.brzycki(100, 1).load()).isEqualTo(100);
        assertThatThrownBy(() -> RepetitionMaximum.epley(100, 13))
                .hasMessage("repetition maximum: found 100 × 13, allowed: a load above 0 and 1 to 12 repetitions");
    }

    /** By definition: 3 × 12 at 3-0-2-1 is 36 × 6 s; at 8 kg a volume of 288 kg. */
    @Test
    void tempoGivesTimeUnderTension() {
        SetWork work = new SetWork(3, 12);

        assertThat(Tempo.parse(" 3-0-2-1 ").secondsPerRepetition()).isEqualTo(6);
        assertThat(work.secondsUnderTension(Tempo.parse("3-0-2-1"))).isEqualTo(216);
        assertThat(work.volume(8)).isEqualTo(288);
        assertThatThrownBy(() -> Tempo.parse("3-0-2"))
                .hasMessage("tempo: found '3-0-2', allowed: four numbers of seconds such as 3-0-2-1"
                        + " (lowering, pause, lifting, pause)");
        assertThatThrownBy(() -> Tempo.parse("0-2-0-2")).hasMessageContaining("with some time to move");
    }

    /** Foster et al. 2001, from memory: effort 5 for 40 minutes is 200. */
    @Test
    void sessionLoadIsEffortTimesMinutes() {
        assertThat(SessionLoad.of(5, 40).value()).isEqualTo(200);
    }
}
