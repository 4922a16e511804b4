/**
 * How a measure moves: a robust line through its readings, whether it stands still, and when a goal is to be
 * expected.
 *
 * <p>Start at {@link Trend}. May use measure and what lies below it. Nothing here opens or closes anything. May use:
 * measure.
 */
@NullMarked
package waypost.core.trend;

import org.jspecify.annotations.NullMarked;
