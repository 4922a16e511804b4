/**
 * Progress reports to the surgeon: drafted from the record, signed, on paper, answered in place.
 *
 * <p>Start at {@link Reports}. What is told is the library's to say; nothing is added. May use: account, course, entry, note,
 * shell, signature, store, the library.
 */
@NullMarked
package waypost.app.report;

import org.jspecify.annotations.NullMarked;
