/**
 * Says the core's reasons, precautions and milestones in the words of the trade: the one place for them.
 *
 * <p>Start at {@link Words}. English only, rounded only here. May use: the core.
 */
@NullMarked
package waypost.library.words;

import org.jspecify.annotations.NullMarked;
