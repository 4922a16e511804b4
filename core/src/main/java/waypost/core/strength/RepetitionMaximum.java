package waypost.core.strength;

import waypost.core.measure.Plain;

/** One-repetition maximum estimated from a sub-maximal set, in the load's own unit. Trusted up to 12 repetitions. */
public record RepetitionMaximum(double load) {

    private static final int MOST_REPETITIONS = 12;

    /** Epley 1985: w(1 + r/30); one repetition is itself. */
    public static RepetitionMaximum epley(double load, int repetitions) {
        check(load, repetitions);
        return new RepetitionMaximum(repetitions == 1 ? load : load * (1 + repetitions / 30.0));
    }

    /** Brzycki 1993: 36w/(37 − r). */
    public static RepetitionMaximum brzycki(double load, int repetitions) {
        check(load, repetitions);
        return new RepetitionMaximum(36 * load / (37 - repetitions));
    }

    private static void check(double load, int repetitions) {
        if (!(load > 0) || repetitions < 1 || repetitions > MOST_REPETITIONS) {
            throw new IllegalArgumentException("repetition maximum: found " + Plain.number(load) + " × " + repetitions
                    + ", allowed: a load above 0 and 1 to 12 repetitions");
        }
    }
}
