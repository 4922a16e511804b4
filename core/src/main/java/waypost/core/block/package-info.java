/**
 * Blocks of training weeks: what may be planned in the weeks ahead and from which day on, what a block changes against
 * the one before it, what was really done in it.
 *
 * <p>Start at {@link BlockAhead}, {@link BlockChange} and {@link BlockDone}. May use: body, course, exercise, gate, log, measure,
 * prescription, time.
 */
@NullMarked
package waypost.core.block;

import org.jspecify.annotations.NullMarked;
