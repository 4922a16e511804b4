package waypost.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Motion;
import waypost.core.demand.BodyShare;
import waypost.core.gate.Fixture;

class MeasuringTest {

    @ParameterizedTest
    @CsvSource({
        "5-0-130,-5,130,5-0-130",
        "0-10-120,10,120,0-10-120",
        "0-0-135,0,135,0-0-135",
        "0–10–120,10,120,0-10-120"
    })
    void readsAndWritesNeutralZero(String said, double least, double most, String written) {
        Arc range = NeutralZero.parse(Motion.KNEE_FLEXION, said);

        assertThat(range).isEqualTo(Arc.between(least, most));
        assertThat(NeutralZero.write(range)).isEqualTo(written);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "5-10-120|found '5-10-120', read as 5° beyond zero and 10° short of it, which can't both be; allowed: 0 first or 0 in the middle",
                "0-0-200|found '0-0-200', read as 0° to 200° on the axis; allowed for this joint: -25° to 165°",
                "0-90-40|found '0-90-40', read as a lack of 90° and a bend to only 40°; allowed: a last number of at least 90",
                "120|found '120', allowed: three numbers such as 5-0-130 (5 beyond zero, bends 130) or 0-10-120 (lacks 10, bends 120)"
            })
    void refusesImpossibleFormsAndSaysWhatItRead(String said, String message) {
        assertThatThrownBy(() -> NeutralZero.parse(Motion.KNEE_FLEXION, said)).hasMessage(message);
    }

    @ParameterizedTest
    @CsvSource({"-10,10,−10°", "+5,-5,+5°", "0,0,0°"})
    void saysExtensionAsTheTradeDoes(String said, double onAxis, String spoken) {
        Degrees angle = NeutralZero.parseEnd(Direction.NEGATIVE, said);

        assertThat(angle.value()).isEqualTo(onAxis);
        assertThat(NeutralZero.sayEnd(Direction.NEGATIVE, angle)).isEqualTo(spoken);
    }

    /** Limb symmetry as the handbook defines it: operated ÷ other × 100; for times the other way round. */
    @Test
    void symmetryIsOperatedOverOtherAndReversedForTimes() {
        Amount operated = Amount.of(144, Unit.NEWTON_METRES);
        Amount other = Amount.of(180, Unit.NEWTON_METRES);

        assertThat(Symmetry.between(operated, other, Measure.Better.HIGHER).percent())
                .isEqualTo(80, within(1e-9));
        assertThat(Symmetry.between(Amount.of(2.5, Unit.SECONDS), Amount.of(2.0, Unit.SECONDS), Measure.Better.LOWER)
                        .percent())
                .isEqualTo(80, within(1e-9));
        assertThatThrownBy(() -> Symmetry.between(operated, Amount.of(0, Unit.NEWTON_METRES), Measure.Better.HIGHER))
                .hasMessage("symmetry: found 0.0 to compare with, allowed: above 0");
    }

    @Test
    void unitsDoNotMix() {
        assertThatThrownBy(() -> Amount.of(1, Unit.SECONDS).minus(Amount.of(1, Unit.CENTIMETRES)))
                .hasMessage("amount: found CENTIMETRES, allowed: SECONDS");
    }

    /** The handbook's check value: 40 % of 82 kg is 32.8 kg. */
    @Test
    void partialWeightIsKilogramsOnAScale() {
        assertThat(BodyShare.parse("40 %").kilogramsOf(82)).isEqualTo(32.8, within(1e-9));
        assertThatThrownBy(() -> BodyShare.parse("40"))
                .hasMessage("share of body mass: found '40', allowed: a number and a percent sign, such as '40 %'");
    }

    /** Extension is better when lower on the axis: from 10 short to 4 short is a gain of 6. */
    @Test
    void aGainIsTowardTheBetterSide() {
        assertThat(Fixture.EXTENSION.gain(Fixture.EXTENSION.amount(10), Fixture.EXTENSION.amount(4)))
                .isEqualTo(6);
        assertThat(Fixture.FLEXION.gain(Fixture.FLEXION.amount(110), Fixture.FLEXION.amount(100)))
                .isEqualTo(-10);
    }
}
