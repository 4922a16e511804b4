/**
 * The sport's own load week by week toward an event: built in steps that never rise above a stated share, lowered before
 * the day itself.
 *
 * <p>Start at {@link SportPlan}. May use: course, measure, progression, protocol.
 */
@NullMarked
package waypost.core.sport;

import org.jspecify.annotations.NullMarked;
