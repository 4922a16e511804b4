package waypost.app.bench;

import static waypost.core.measure.Plain.number;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;
import waypost.core.measure.Measure;
import waypost.core.measure.Method;
import waypost.core.strength.BodyMass;
import waypost.core.strength.Force;
import waypost.core.strength.LeverArm;
import waypost.core.strength.Torque;

/** Torque from force. */
@Component
final class TorqueBench implements Calculator {

    private static final Field FORCE = Field.number("force", "Force", "", "200");
    private static final Field UNIT = Field.choice(
            "unit",
            "Unit",
            List.of(new Choice("NEWTON", "N"), new Choice("KILOGRAM_FORCE", "kgf"), new Choice("POUND_FORCE", "lbf")));
    private static final Field LEVER = Field.number("lever", "Lever arm", "cm", "35");
    private static final Field MASS = Field.number("mass", "Body mass, if known", "kg", "");

    @Override
    public String id() {
        return "torque";
    }

    @Override
    public Face face() {
        return new Face(
                "Torque from force",
                "Force × lever arm; 1 kgf is 9.80665 N, 1 lbf is 4.4482216 N.",
                "By definition",
                "The lever arm runs from the joint's axis to the middle of the pad, at a right angle to the push.");
    }

    @Override
    public List<Field> fields() {
        return List.of(FORCE, UNIT, LEVER, MASS);
    }

    @Override
    public Answer work(Inputs inputs) {
        Force force = Force.of(inputs.number(FORCE), inputs.choice(Force.Unit.class, UNIT));
        Torque torque = Torque.of(force, LeverArm.ofCentimetres(inputs.number(LEVER)));
        List<Answer.Line> lines = new ArrayList<>();
        lines.add(new Answer.Line("torque", number(torque.newtonMetres()) + " N·m"));
        lines.add(new Answer.Line("force", number(force.newtons()) + " N"));
        if (!inputs.text(MASS.name()).isEmpty()) {
            double perKilogram = torque.perKilogram(new BodyMass(inputs.number(MASS)));
            lines.add(new Answer.Line("by body mass", String.format(Locale.ROOT, "%.2f N·m/kg", perKilogram)));
        }
        return Answer.of(lines.toArray(Answer.Line[]::new)).yielding(torque.newtonMetres());
    }

    @Override
    public boolean yields(Measure measure) {
        return measure.taken().method() == Method.FORCE;
    }
}
