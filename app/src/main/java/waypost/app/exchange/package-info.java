/**
 * Files in and out: readings as CSV, and a course as the open course file. docs/readings-csv.md has the columns.
 *
 * <p>Start at {@link ReadingFile}. May use: account, course, entry, measure, note, shell, store, the core, the
 * library.
 */
@NullMarked
package waypost.app.exchange;

import org.jspecify.annotations.NullMarked;
