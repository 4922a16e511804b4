package waypost.core.trend;

import java.time.LocalDate;
import java.util.Optional;

/**
 * When a goal is to be expected, were the readings to go on as they do: an 80 % interval, never a promise.
 *
 * @param latest empty when the slower end of the interval lies further ahead than the readings reach back
 */
public record Forecast(LocalDate earliest, LocalDate expected, Optional<LocalDate> latest) {

    /** As it is to be read on {@code today}: nothing is expected in the past. Empty when its time has gone by unmet. */
    public Optional<Forecast> from(LocalDate today) {
        if (expected.isBefore(today)) {
            return Optional.empty();
        }
        return Optional.of(new Forecast(earliest.isBefore(today) ? today : earliest, expected, latest));
    }
}
