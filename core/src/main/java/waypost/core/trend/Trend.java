package waypost.core.trend;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;

/**
 * A robust line through the strict readings of one measure, side and mode.
 *
 * @param perDay the slope in the measure's unit a day; positive is better
 * @param slowest the lower bound of the slope's 80 % interval
 * @param fastest the upper bound
 * @param level how good it is on the day of the last reading, by the line; higher is better
 * @param first the day of the first reading
 * @param last the day of the last
 */
public record Trend(
        Measure measure, double perDay, double slowest, double fastest, double level, LocalDate first, LocalDate last) {

    /** The standard normal quantile of an 80 % interval. */
    private static final double EIGHTY_PERCENT = 1.2815515655446004;

    private static final int FEWEST_READINGS = 5;
    private static final int FEWEST_DAYS = 14;
    private static final int PLATEAU_DAYS = 21;

    /** Older readings tell of another time: common practice, no source. */
    private static final int WINDOW_DAYS = 42;

    /**
     * The trend of strict readings, oldest first, over the six weeks before the last of them. Empty below five readings over
     * fourteen days, and for grades, between which there are no distances.
     */
    public static Optional<Trend> of(Measure measure, List<Reading> all) {
        List<Reading> readings = recent(all);
        if (readings.size() < FEWEST_READINGS || !measure.unit().hasDistances()) {
            return Optional.empty();
        }
        LocalDate first = readings.get(0).date();
        LocalDate last = readings.get(readings.size() - 1).date();
        if (ChronoUnit.DAYS.between(first, last) < FEWEST_DAYS) {
            return Optional.empty();
        }
        double[] days = readings.stream()
                .mapToDouble(reading -> ChronoUnit.DAYS.between(first, reading.date()))
                .toArray();
        double[] values = readings.stream()
                .mapToDouble(reading -> goodness(measure, reading.amount()))
                .toArray();
        TheilSen line = TheilSen.of(days, values, EIGHTY_PERCENT);
        double level = line.intercept() + line.slope() * ChronoUnit.DAYS.between(first, last);
        return Optional.of(new Trend(measure, line.slope(), line.low(), line.high(), level, first, last));
    }

    private static List<Reading> recent(List<Reading> all) {
        if (all.isEmpty()) {
            return all;
        }
        LocalDate since = all.get(all.size() - 1).date().minusDays(WINDOW_DAYS);
        return all.stream().filter(reading -> !reading.date().isBefore(since)).toList();
    }

    /** The value turned so that more is better. */
    private static double goodness(Measure measure, Amount amount) {
        return measure.better() == Measure.Better.HIGHER ? amount.value() : -amount.value();
    }

    /**
     * When {@code goal} is to be expected. Empty when it is reached by the line, when the slope's interval holds no change or
     * the wrong direction, or when it lies further ahead than the readings reach back: no slope supports that.
     */
    public Optional<Forecast> reaches(Amount goal) {
        double missing = goodness(measure, goal) - level;
        long supported = ChronoUnit.DAYS.between(first, last);
        if (missing <= 0 || slowest <= 0 || missing / perDay > supported) {
            return Optional.empty();
        }
        return Optional.of(new Forecast(
                after(missing / fastest),
                after(missing / perDay),
                missing / slowest > supported ? Optional.empty() : Optional.of(after(missing / slowest))));
    }

    private LocalDate after(double days) {
        return last.plusDays((long) Math.ceil(days));
    }

    /**
     * Whether the measure has stood still: over the last 21 days before {@code today} no reading of the latest rater and tool
     * is better or worse than the first of them by what can be detected. Empty when they do not reach back so far.
     */
    public static Optional<Boolean> standsStill(Measure measure, List<Reading> readings, LocalDate today) {
        if (readings.isEmpty()) {
            return Optional.empty();
        }
        Reading latest = readings.get(readings.size() - 1);
        List<Reading> alike = readings.stream()
                .filter(reading ->
                        reading.rater().equals(latest.rater()) && reading.tool().equals(latest.tool()))
                .toList();
        LocalDate since = today.minusDays(PLATEAU_DAYS);
        Optional<Reading> base =
                alike.stream().filter(reading -> !reading.date().isAfter(since)).reduce((earlier, later) -> later);
        boolean measuredSince = latest.date().isAfter(since);
        return base.filter(reading -> measuredSince)
                .map(from -> alike.stream()
                        .filter(reading -> reading.date().isAfter(from.date()))
                        .allMatch(reading -> Math.abs(measure.gain(from.amount(), reading.amount()))
                                < measure.errorBetween(from, reading)));
    }
}
