/**
 * Why something is not simply open, as data.
 *
 * <p>Start at {@link Reason}. May use: protocol, log, limit, criterion and below. Must not make words.
 */
@NullMarked
package waypost.core.reason;

import org.jspecify.annotations.NullMarked;
