/**
 * Asks what the operation note must tell and keeps the answers that are still possible.
 *
 * <p>Start at {@link Answers}. May use: nothing of the other rooms.
 */
@NullMarked
package waypost.core.question;

import org.jspecify.annotations.NullMarked;
