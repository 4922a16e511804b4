/**
 * Trends: the readings of a measure over time, against what is expected, with the robust line and its forecast.
 *
 * <p>Start at {@link TrendCharts}. May use: account, course, diary, shell, store, the core, the library.
 */
@NullMarked
package waypost.app.trend;

import org.jspecify.annotations.NullMarked;
