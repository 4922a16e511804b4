package waypost.app.bench;

import static waypost.core.measure.Plain.number;

import java.util.List;
import org.springframework.stereotype.Component;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.Symmetry;
import waypost.core.measure.Unit;

/** Limb symmetry. */
@Component
final class SymmetryBench implements Calculator {

    private static final Field OPERATED = Field.number("operated", "Operated side", "", "140");
    private static final Field OTHER = Field.number("other", "Other side", "", "175");
    private static final Field BEFORE = Field.number("before", "Other side before surgery, if known", "", "");
    private static final Field BETTER = Field.choice(
            "better", "Better is", List.of(new Choice("HIGHER", "more"), new Choice("LOWER", "less, as for times")));

    @Override
    public String id() {
        return "symmetry";
    }

    @Override
    public Face face() {
        return new Face(
                "Limb symmetry",
                "Operated ÷ other × 100; for times other ÷ operated × 100.",
                "By definition; used with hop tests by Noyes et al. 1991, from memory",
                "Flatters when the other side has weakened too: compare with its value from before surgery.");
    }

    @Override
    public List<Field> fields() {
        return List.of(OPERATED, OTHER, BEFORE, BETTER);
    }

    @Override
    public Answer work(Inputs inputs) {
        Measure.Better better = inputs.choice(Measure.Better.class, BETTER);
        Amount other = Amount.of(inputs.number(OTHER), Unit.SCORE);
        Symmetry symmetry = Symmetry.between(Amount.of(inputs.number(OPERATED), Unit.SCORE), other, better);
        Answer answer = Answer.of(new Answer.Line("symmetry", number(symmetry.percent()) + " %"));
        if (inputs.text(BEFORE.name()).isEmpty()) {
            return answer;
        }
        double gain = inputs.number(OTHER) - inputs.number(BEFORE);
        boolean weaker = better == Measure.Better.HIGHER ? gain < 0 : gain > 0;
        return weaker
                ? answer.with("The other side is " + number(Math.abs(gain))
                        + " worse than before surgery: symmetry flatters.")
                : answer;
    }
}
