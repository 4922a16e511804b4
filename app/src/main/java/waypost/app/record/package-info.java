/**
 * The record of a course: everything that was signed, placed, entered, corrected and withdrawn, newest first.
 *
 * <p>Start at {@link RecordController}. May use: account, course, entry, shell, store, the core, the library.
 */
@NullMarked
package waypost.app.record;

import org.jspecify.annotations.NullMarked;
