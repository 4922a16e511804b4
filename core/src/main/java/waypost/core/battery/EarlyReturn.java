package waypost.core.battery;

import java.time.LocalDate;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * What is known of returning before a time: each month earlier multiplies how often the joint is hurt again.
 *
 * @param sport what was returned to: "pivoting sport"
 * @param untilMonth from here on, in months from day 0, nothing more was gained by waiting
 * @param fromMonth nobody returned earlier than this in what was observed: before it nothing is said
 * @param timesPerMonth the factor for each month earlier, more than 1
 * @param source where it is published
 */
public record EarlyReturn(String sport, int untilMonth, int fromMonth, double timesPerMonth, String source) {

    public EarlyReturn {
        if (fromMonth < 0 || fromMonth >= untilMonth || !(timesPerMonth > 1 && timesPerMonth < 10)) {
            throw new IllegalArgumentException(
                    "early return: found months " + fromMonth + " to " + untilMonth + " and a factor of "
                            + timesPerMonth + ", allowed: the earlier first, and more than 1 to less than 10");
        }
    }

    /** Whether {@code date} lies before the time. */
    public boolean isEarly(LocalDate dayZero, LocalDate date) {
        return date.isBefore(dayZero.plusMonths(untilMonth));
    }

    /** Months missing on {@code date}, a begun one whole. */
    public int monthsEarly(LocalDate dayZero, LocalDate date) {
        return (int) IntStream.rangeClosed(1, untilMonth)
                .filter(month -> date.isBefore(dayZero.plusMonths(month)))
                .count();
    }

    /**
     * How many times as often the joint was hurt again in those who returned as early as this, against those who waited;
     * empty when it is not early, or earlier than anybody was observed.
     */
    public OptionalDouble timesAsOften(LocalDate dayZero, LocalDate date) {
        int early = monthsEarly(dayZero, date);
        return early == 0 || date.isBefore(dayZero.plusMonths(fromMonth))
                ? OptionalDouble.empty()
                : OptionalDouble.of(Math.pow(timesPerMonth, early));
    }
}
