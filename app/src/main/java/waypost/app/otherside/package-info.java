/**
 * What the side that was not operated does alone: what of it is open today, and what was done.
 *
 * <p>Start at {@link OtherSideController} and {@link OtherSideKeeping}. May use: account, course, entry, rack, shell, the
 * core, the library.
 */
@NullMarked
package waypost.app.otherside;

import org.jspecify.annotations.NullMarked;
