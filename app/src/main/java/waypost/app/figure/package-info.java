/**
 * Draws how an exercise is done, from the joint angles in its file: start pale, end solid, true to angle, the
 * operated limb marked and what is allowed of the leading motion drawn as an arc.
 *
 * <p>Start at {@link Figures}. May use: the core, the library.
 */
@NullMarked
package waypost.app.figure;

import org.jspecify.annotations.NullMarked;
