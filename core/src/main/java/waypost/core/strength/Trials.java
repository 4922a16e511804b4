package waypost.core.strength;

import java.util.List;

/** Repeated tries at one test, each above 0 and in one unit. */
public record Trials(List<Double> values) {

    /** Apart by more than this share of the highest, they are repeated: common practice, no source. */
    public static final double MOST_SPREAD_PERCENT = 10;

    /** Which of them stands for all. */
    public enum Choice {
        BEST,
        MEAN
    }

    public Trials {
        values = List.copyOf(values);
        if (values.isEmpty() || !values.stream().allMatch(value -> value > 0 && Double.isFinite(value))) {
            throw new IllegalArgumentException("trials: found " + values + ", allowed: at least one, each above 0");
        }
    }

    public double mean() {
        return values.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }

    public double highest() {
        return values.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
    }

    public double lowest() {
        return values.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
    }

    /** The value that is kept; the best is the lowest where less is better, as for times. */
    public double chosen(Choice choice, boolean lessIsBetter) {
        return choice == Choice.MEAN ? mean() : lessIsBetter ? lowest() : highest();
    }

    /** (highest − lowest) ÷ highest × 100. */
    public double spreadPercent() {
        return (highest() - lowest()) / highest() * 100;
    }

    /** Whether they lie close enough together to be trusted. */
    public boolean agree() {
        return spreadPercent() <= MOST_SPREAD_PERCENT;
    }
}
