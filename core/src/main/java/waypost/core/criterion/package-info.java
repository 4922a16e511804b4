/**
 * Says what must have been measured, seen, tolerated, taught back or cleared.
 *
 * <p>Start at {@link Criterion}. Must not judge: milestone reviews it against evidence. It does not judge: milestone
 * reviews it against evidence. May use: body, measure.
 */
@NullMarked
package waypost.core.criterion;

import org.jspecify.annotations.NullMarked;
