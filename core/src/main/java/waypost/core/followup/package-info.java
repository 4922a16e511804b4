/**
 * What to follow up on a day: what is due to be measured and why, what lies behind what is expected, how often to
 * come, which range lacks what and what holds a gain.
 *
 * <p>Start at {@link MeasuringSheet}, {@link Behind}, {@link LimitedRange} and {@link VisitAdvice}. May use: body,
 * course, criterion, demand, exercise, gate, measure, milestone, protocol, reason, time.
 */
@NullMarked
package waypost.core.followup;

import org.jspecify.annotations.NullMarked;
