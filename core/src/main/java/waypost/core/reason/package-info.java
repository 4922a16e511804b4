/**
 * Why something is not simply open, as data.
 *
 * <p>Start at {@link Reason}. Must not make words. It makes no words. May use: body, criterion, demand, limit, log,
 * protocol, question, time.
 */
@NullMarked
package waypost.core.reason;

import org.jspecify.annotations.NullMarked;
