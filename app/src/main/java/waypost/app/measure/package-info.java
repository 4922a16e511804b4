/**
 * Entering readings as they are said, correcting and withdrawing them, and listing them.
 *
 * <p>Start at {@link MeasureController}. May use: course, account, audit, entry, shell, store, and the library.
 */
@NullMarked
package waypost.app.measure;

import org.jspecify.annotations.NullMarked;
