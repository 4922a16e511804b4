package waypost.core.trend;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;

/**
 * The Theil-Sen line: the median of the slopes between all pairs of points, with Sen's interval (Sen 1968, from memory).
 *
 * @param slope in units a day
 * @param intercept the value at day 0: median value less slope times median day
 * @param low the lower bound of the slope
 * @param high the upper bound of the slope
 */
record TheilSen(double slope, double intercept, double low, double high) {

    /**
     * The line through points.
     *
     * @param days at least two different ones
     * @param z the standard normal quantile of the interval: 1.2816 for 80 %
     */
    static TheilSen of(double[] days, double[] values, double z) {
        double[] slopes = slopes(days, values);
        if (slopes.length == 0) {
            throw new IllegalArgumentException("trend: found readings of one day only, allowed: at least two days");
        }
        double slope = median(slopes);
        double sigma = Math.sqrt(variance(days, values));
        int count = slopes.length;
        int upper = (int) Math.min(Math.rint((count + z * sigma) / 2), count - 1);
        int lower = (int) Math.max(Math.rint((count - z * sigma) / 2) - 1, 0);
        return new TheilSen(slope, median(values.clone()) - slope * median(days.clone()), slopes[lower], slopes[upper]);
    }

    /** The slopes between points of different days, rising. */
    private static double[] slopes(double[] days, double[] values) {
        double[] slopes = new double[days.length * (days.length - 1) / 2];
        int found = 0;
        for (int i = 0; i < days.length; i++) {
            for (int j = i + 1; j < days.length; j++) {
                if (days[i] != days[j]) {
                    slopes[found++] = (values[j] - values[i]) / (days[j] - days[i]);
                }
            }
        }
        double[] kept = Arrays.copyOf(slopes, found);
        Arrays.sort(kept);
        return kept;
    }

    /** The variance of Kendall's score, corrected for equal days and equal values. */
    private static double variance(double[] days, double[] values) {
        return (term(days.length) - ties(days) - ties(values)) / 18;
    }

    private static double ties(double[] numbers) {
        Map<Double, Integer> times = new HashMap<>();
        for (double number : numbers) {
            times.merge(number, 1, Integer::sum);
        }
        return times.values().stream().mapToDouble(TheilSen::term).sum();
    }

    private static double term(double n) {
        return n * (n - 1) * (2 * n + 5);
    }

    private static double median(double[] numbers) {
        Arrays.sort(numbers);
        int middle = numbers.length / 2;
        return numbers.length % 2 == 1 ? numbers[middle] : (numbers[middle - 1] + numbers[middle]) / 2;
    }
}
