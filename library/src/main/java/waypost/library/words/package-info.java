/**
 * Says the core's reasons, precautions and milestones in the words of the trade: the one place for them.
 *
 * <p>Start at {@link Words}. May use: the core. English only, rounded only here.
 */
@NullMarked
package waypost.library.words;

import org.jspecify.annotations.NullMarked;
