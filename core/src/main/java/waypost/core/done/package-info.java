/**
 * How an exercise is done with the whole body, and what that asks of every limb, written or not.
 *
 * <p>Start at {@link waypost.core.done.Done}. May use: anatomy, body, demand, exercise, strength.
 */
@NullMarked
package waypost.core.done;

import org.jspecify.annotations.NullMarked;
