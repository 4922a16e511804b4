package waypost.app.bench;

import static waypost.core.measure.Plain.number;

import java.util.List;
import org.springframework.stereotype.Component;
import waypost.core.function.ReachBalance;
import waypost.core.measure.Measure;

/** Balance reach, composite. */
@Component
final class ReachBench implements Calculator {

    private static final Field FORWARD = Field.number("forward", "Forward", "cm", "60");
    private static final Field INWARD = Field.number("inward", "Back inward", "cm", "95");
    private static final Field OUTWARD = Field.number("outward", "Back outward", "cm", "90");
    private static final Field LEG = Field.number("leg", "Leg length", "cm", "90");

    @Override
    public String id() {
        return "reach";
    }

    @Override
    public Face face() {
        return new Face(
                "Balance reach, composite",
                "(forward + back inward + back outward) ÷ (3 × leg length) × 100.",
                "Plisky et al. 2006, from memory",
                "The best of three in each direction, heel down, hands on the hips.");
    }

    @Override
    public List<Field> fields() {
        return List.of(FORWARD, INWARD, OUTWARD, LEG);
    }

    @Override
    public Answer work(Inputs inputs) {
        double percent = new ReachBalance(inputs.number(FORWARD), inputs.number(INWARD), inputs.number(OUTWARD))
                .compositePercent(inputs.number(LEG));
        return Answer.of(new Answer.Line("composite", number(percent) + " % of leg length"))
                .yielding(percent);
    }

    @Override
    public boolean yields(Measure measure) {
        return measure.id().equals("reach-composite");
    }
}
