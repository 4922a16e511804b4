/**
 * Keeps what happened in one course: holds, orders, narrowings, attestations, sessions.
 *
 * <p>Start at {@link Evidence} and {@link Order}. May use: limit, measure and below. Must not decide what follows.
 */
@NullMarked
package waypost.core.log;

import org.jspecify.annotations.NullMarked;
