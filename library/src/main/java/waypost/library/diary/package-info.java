/**
 * Writes a whole course as text: each day of change, what opens, closes, is limited to what, is due or overdue, and why.
 *
 * <p>Start at {@link Diary#of}. May use: coursefile, bundle, words and the core. Needs no database.
 */
@NullMarked
package waypost.library.diary;

import org.jspecify.annotations.NullMarked;
