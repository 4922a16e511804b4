/**
 * The walk of today drawn from above and from the side, foot by foot, with its order in words and its faults beside.
 *
 * <p>Start at {@link GaitPages}. May use: account, course, entry, figure, store, the core, the library.
 */
@NullMarked
package waypost.app.gait;

import org.jspecify.annotations.NullMarked;
