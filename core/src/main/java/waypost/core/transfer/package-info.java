/**
 * Getting from one place to another in the first days: out of bed, up, down, into a car; step by step, with what is said,
 * guarded and watched, as the course has it today.
 *
 * <p>Start at {@link waypost.core.transfer.Transfer}. May use: anatomy, body, course, exercise, gait, runner.
 */
@NullMarked
package waypost.core.transfer;

import org.jspecify.annotations.NullMarked;
