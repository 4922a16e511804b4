package waypost.library.words;

import java.util.List;
import java.util.Locale;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.NeutralZero;
import waypost.core.measure.Unit;

/** Reads a value as it is said for its measure: "-10" for extension, "trace" for effusion, "seen", "142,5". */
public final class SpokenReading {

    private static final List<String> GRADES = List.of("zero", "trace", "1+", "2+", "3+");

    private SpokenReading() {}

    /** The amount, or a refusal that says what is allowed. */
    public static Amount parse(Measure measure, String said) {
        String text = said.strip().toLowerCase(Locale.ROOT);
        if (measure.end().isPresent()) {
            return measure.amount(
                    NeutralZero.parseEnd(measure.end().get(), text).value());
        }
        if (measure.unit() == Unit.EFFUSION_GRADE) {
            return measure.amount(choice(measure, said, GRADES));
        }
        if (measure.unit() == Unit.SEEN) {
            return measure.amount(choice(measure, said, List.of("not seen", "seen")));
        }
        try {
            return measure.amount(Double.parseDouble(text.replace(',', '.')));
        } catch (NumberFormatException notANumber) {
            throw new IllegalArgumentException(
                    measure.title() + ": found '" + said.strip() + "', allowed: a number", notANumber);
        }
    }

    private static int choice(Measure measure, String said, List<String> words) {
        int found = words.indexOf(said.strip().toLowerCase(Locale.ROOT));
        if (found < 0) {
            throw new IllegalArgumentException(
                    measure.title() + ": found '" + said.strip() + "', allowed: " + String.join(", ", words));
        }
        return found;
    }
}
