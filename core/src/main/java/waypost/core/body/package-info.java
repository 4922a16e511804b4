/**
 * Names the parts of the body, the axes on which they move, and the degrees on those axes.
 *
 * <p>Start at {@link Motion}. May use: nothing of the other rooms.
 */
@NullMarked
package waypost.core.body;

import org.jspecify.annotations.NullMarked;
