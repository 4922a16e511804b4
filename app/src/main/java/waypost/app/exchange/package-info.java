/**
 * Files in and out: readings as CSV, and a course as the open course file. docs/readings-csv.md has the columns.
 *
 * <p>Start at {@link ReadingFile}. May use: measure, note, course heads, store, and the library.
 */
@NullMarked
package waypost.app.exchange;

import org.jspecify.annotations.NullMarked;
