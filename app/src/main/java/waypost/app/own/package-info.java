/**
 * Exercises that a clinic makes for itself out of the library's, asking less of them.
 *
 * <p>Start at {@link OwnExerciseController} and {@link OwnExerciseKeeping}. May use: account, entry, shell, store, the
 * core, the library.
 */
@NullMarked
package waypost.app.own;

import org.jspecify.annotations.NullMarked;
