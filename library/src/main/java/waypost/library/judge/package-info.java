/**
 * The judge command: the verdicts of a course file on a date, for people and as JSON.
 *
 * <p>Start at {@link JudgeCommand}. May use: coursefile, bundle, words and the core. Needs no database.
 */
@NullMarked
package waypost.library.judge;

import org.jspecify.annotations.NullMarked;
