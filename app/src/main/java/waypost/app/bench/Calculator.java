package waypost.app.bench;

import java.util.List;
import waypost.core.measure.Measure;

/** A calculation that needs no patient. */
interface Calculator {

    /** As it stands in the address. */
    String id();

    Face face();

    List<Field> fields();

    /** The answer, or a refusal that says what was found and what is allowed. */
    Answer work(Inputs inputs);

    /** Whether its result is a reading of this measure. */
    default boolean yields(Measure measure) {
        return false;
    }

    /** What it is, and how far to trust it. */
    record Face(String title, String formula, String source, String limits) {}

    /**
     * Something to enter.
     *
     * @param unit behind the field; empty where there is none
     * @param choices to choose from; empty for a number or text
     * @param example what stands there at first
     */
    record Field(String name, String label, String unit, List<Choice> choices, String example) {

        static Field number(String name, String label, String unit, String example) {
            return new Field(name, label, unit, List.of(), example);
        }

        static Field choice(String name, String label, List<Choice> choices) {
            return new Field(name, label, "", choices, choices.get(0).value());
        }
    }

    /** One of several. */
    record Choice(String value, String label) {}
}
