package waypost.app.bench;

import static waypost.core.measure.Plain.number;

import java.util.List;
import org.springframework.stereotype.Component;
import waypost.core.measure.Amount;
import waypost.core.measure.Unit;

/** Outward to inward strength. */
@Component
final class RatioBench implements Calculator {

    private static final Field OUTWARD = Field.number("outward", "Outward rotation", "N·m", "24");
    private static final Field INWARD = Field.number("inward", "Inward rotation", "N·m", "32");

    @Override
    public String id() {
        return "ratio";
    }

    @Override
    public Face face() {
        return new Face(
                "Outward to inward strength",
                "Outward ÷ inward × 100.",
                "66 to 76 % wanted in throwers on an isokinetic machine, Wilk et al. 1990s, from memory; isometric by hand-held device about 75 to 100 %, common practice, no source",
                "Bound to one device and one position: never mix two.");
    }

    @Override
    public List<Field> fields() {
        return List.of(OUTWARD, INWARD);
    }

    @Override
    public Answer work(Inputs inputs) {
        Amount inward = Amount.of(inputs.number(INWARD), Unit.NEWTON_METRES);
        double percent = Amount.of(inputs.number(OUTWARD), Unit.NEWTON_METRES).percentOf(inward);
        return Answer.of(new Answer.Line("ratio", number(percent) + " %"));
    }
}
