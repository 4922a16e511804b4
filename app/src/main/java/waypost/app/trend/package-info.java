/**
 * Trends: the readings of a measure over time, against what is expected, with the robust line and its forecast.
 *
 * <p>Start at {@link TrendCharts}. May use: course heads, measure's choices, the core and the library's words.
 */
@NullMarked
package waypost.app.trend;

import org.jspecify.annotations.NullMarked;
