/**
 * Blocks of training weeks: what may be planned in the weeks ahead and from which day on, what a block changes against
 * the one before it, what was really done in it, how a week is laid out, which
 * directions it works.
 *
 * <p>Start at {@link BlockAhead}, {@link BlockChange}, {@link BlockDone}, {@link Weeks} and {@link PlanesCovered}. May use: body,
 * course, demand, exercise, gate, log, measure, prescription, progression, protocol.
 */
@NullMarked
package waypost.core.block;

import org.jspecify.annotations.NullMarked;
