package waypost.core.measure;

import java.util.List;
import java.util.OptionalDouble;
import waypost.core.body.Mode;

/**
 * How a measure is worked out from readings of one side and day: a lag is passive less active, total active motion adds
 * up bends and takes off what is lacking.
 *
 * @param percentOf the result is this whole's percentage; empty when it is the sum itself
 */
public record Derivation(List<Term> terms, OptionalDouble percentOf) {

    /** How a reading counts in the sum. */
    public enum Counts {
        PLUS,
        LESS,
        /** What it lacks is taken off; going beyond zero adds nothing. */
        LESS_LACKING;

        double of(double value) {
            return switch (this) {
                case PLUS -> value;
                case LESS -> -value;
                case LESS_LACKING -> -Math.max(0, value);
            };
        }
    }

    /** One reading that is needed. */
    public record Term(String measure, Mode mode, Counts counts) {}

    public Derivation {
        terms = List.copyOf(terms);
        if (terms.isEmpty()) {
            throw new IllegalArgumentException("derived measure: found no term, allowed: at least one");
        }
    }

    /** The result from the terms' values, in the terms' order. */
    double from(double... values) {
        double sum = 0;
        for (int i = 0; i < values.length; i++) {
            sum += terms.get(i).counts().of(values[i]);
        }
        return percentOf.isPresent() ? sum / percentOf.getAsDouble() * 100 : sum;
    }
}
