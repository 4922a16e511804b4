/**
 * How somebody moves, watched: which faults, how plain, on which side, whether it answers a milestone that asks for a clean
 * movement, and what works at what a fault points to.
 *
 * <p>Start at {@link Observation}. May use: body, course, demand, exercise.
 */
@NullMarked
package waypost.core.movement;

import org.jspecify.annotations.NullMarked;
