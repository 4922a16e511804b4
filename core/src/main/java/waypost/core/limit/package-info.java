/**
 * Rules that take something away: an allowed arc, motions barred together, at most so much of a quantity, a posture,
 * an activity by name.
 *
 * <p>Start at {@link Limit} and {@link Quantity}. Limits compose by being together; one more never opens anything.
 * May use: body, demand, exercise, question, time.
 */
@NullMarked
package waypost.core.limit;

import org.jspecify.annotations.NullMarked;
