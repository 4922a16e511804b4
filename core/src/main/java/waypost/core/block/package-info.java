/**
 * Blocks of training weeks: what may be planned in the weeks ahead and from which day on, what a block changes against
 * the one before it, what was really done in it, which
 * directions it works.
 *
 * <p>Start at {@link BlockAhead}, {@link BlockChange}, {@link BlockDone} and {@link PlanesCovered}. May use: body,
 * course, demand, exercise, gate, log, measure, prescription.
 */
@NullMarked
package waypost.core.block;

import org.jspecify.annotations.NullMarked;
