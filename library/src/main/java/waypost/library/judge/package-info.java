/**
 * The judge command: the verdicts of a course file on a date, for people and as JSON.
 *
 * <p>Start at {@link JudgeCommand}. Needs no database. May use: bundle, coursefile, text, words, the core.
 */
@NullMarked
package waypost.library.judge;

import org.jspecify.annotations.NullMarked;
