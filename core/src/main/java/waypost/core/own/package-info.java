/**
 * Exercises of a clinic's own: one of the library's in one of its set-ups, asking less of it in other words.
 *
 * <p>Start at {@link OwnExercise}. May use: body, demand, exercise, measure, protocol.
 */
@NullMarked
package waypost.core.own;

import org.jspecify.annotations.NullMarked;
