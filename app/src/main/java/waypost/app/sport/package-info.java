/**
 * Sport beside the treatment: sessions by minutes and effort, what is trained for, and the weeks up to it.
 *
 * <p>Start at {@link SportGoals}. May use: account, course, entry, measure, shell, the core, the library.
 */
@NullMarked
package waypost.app.sport;

import org.jspecify.annotations.NullMarked;
