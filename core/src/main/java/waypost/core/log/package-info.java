/**
 * Keeps what happened in one course: holds, orders, narrowings, attestations, sessions.
 *
 * <p>Start at {@link Evidence} and {@link Order}. Must not decide what follows. It does not decide what follows. May
 * use: body, demand, exercise, limit, measure, time.
 */
@NullMarked
package waypost.core.log;

import org.jspecify.annotations.NullMarked;
