/**
 * Says what must have been measured, seen, tolerated, taught back or cleared.
 *
 * <p>Start at {@link Criterion}. May use: measure, body. Must not judge: milestone reviews it against evidence.
 */
@NullMarked
package waypost.core.criterion;

import org.jspecify.annotations.NullMarked;
