/**
 * Entering readings as they are said, correcting and withdrawing them, and listing them.
 *
 * <p>Start at {@link MeasureController}. May use: account, course, dial, entry, shell, store, the core, the library.
 */
@NullMarked
package waypost.app.measure;

import org.jspecify.annotations.NullMarked;
