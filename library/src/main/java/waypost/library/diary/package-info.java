/**
 * Writes a whole course as text: each day of change, what opens, closes, is limited to what, is due or overdue, and
 * why.
 *
 * <p>Start at {@link Diary#of}. Needs no database. May use: bundle, coursefile, text, words, the core.
 */
@NullMarked
package waypost.library.diary;

import org.jspecify.annotations.NullMarked;
