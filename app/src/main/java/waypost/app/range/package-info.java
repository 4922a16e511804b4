/**
 * The range of a shoulder taken posture by posture as the screen leads: moved, by itself and without help, with what helped
 * named; both arms on a wall, where the worse sets how far both go.
 *
 * <p>Start at {@link RangeController}. May use: account, course, entry, measure, the core, the library.
 */
@NullMarked
package waypost.app.range;

import org.jspecify.annotations.NullMarked;
