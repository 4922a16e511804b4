package waypost.core.trend;

import java.time.LocalDate;
import java.util.Optional;

/**
 * When a goal is to be expected, were the readings to go on as they do: an 80 % interval, never a promise.
 *
 * @param latest empty when the slower end of the interval lies further ahead than the readings reach back
 */
public record Forecast(LocalDate earliest, LocalDate expected, Optional<LocalDate> latest) {}
