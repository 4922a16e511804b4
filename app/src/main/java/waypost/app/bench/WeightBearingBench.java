package waypost.app.bench;

import static waypost.core.measure.Plain.number;

import java.util.List;
import org.springframework.stereotype.Component;
import waypost.core.demand.BodyShare;
import waypost.core.function.WeightBearing;
import waypost.core.strength.BodyMass;

/** Weight bearing in kilograms. */
@Component
final class WeightBearingBench implements Calculator {

    private static final Field MASS = Field.number("mass", "Body mass", "", "82");
    private static final Field SHARE = Field.number("share", "Share of body mass", "%", "40");

    private static final String POUNDS = "POUNDS";
    private static final Field UNIT = Field.choice(
            "unit", "Body mass in", List.of(new Choice("KILOGRAMS", "kilograms"), new Choice(POUNDS, "pounds")));

    @Override
    public String id() {
        return "weight-bearing";
    }

    @Override
    public Face face() {
        return new Face(
                "Weight bearing in kilograms",
                "Share of body mass × body mass; stay within a tenth to either side.",
                "By definition; the band is common practice, no source",
                "On a bathroom scale under the foot, the other foot on a block of the same height. Teach it with the scale that moves.");
    }

    @Override
    public List<Field> fields() {
        return List.of(MASS, UNIT, SHARE);
    }

    @Override
    public Answer work(Inputs inputs) {
        double entered = inputs.number(MASS);
        BodyMass mass = inputs.text(UNIT.name()).equals(POUNDS) ? BodyMass.ofPounds(entered) : new BodyMass(entered);
        WeightBearing bearing = WeightBearing.of(BodyShare.parse(number(inputs.number(SHARE)) + " %"), mass);
        return Answer.of(
                        new Answer.Line("target", number(bearing.target()) + " kg"),
                        new Answer.Line(
                                "stay within", number(bearing.least()) + " to " + number(bearing.most()) + " kg"))
                .drawn(ScaleFigure.of(bearing, mass.kilograms()));
    }
}
