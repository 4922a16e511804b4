/**
 * Tells what is otherwise: between two standings ({@link Difference}), or between two courses on every day ({@link
 * Comparison}).
 *
 * <p>May use course and every floor below. What-if, compare and "changed since" all come from here. May use: course,
 * exercise, gate, milestone, reason, time.
 */
@NullMarked
package waypost.core.compare;

import org.jspecify.annotations.NullMarked;
