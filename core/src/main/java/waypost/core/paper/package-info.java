/**
 * Reading what a surgeon writes, line by line: every word of a line has to be understood, or the line asks one question, or
 * it stays open. Nothing is guessed and nothing dropped.
 *
 * <p>Start at {@link waypost.core.paper.PaperReader}. May use: body, demand, time.
 */
@NullMarked
package waypost.core.paper;

import org.jspecify.annotations.NullMarked;
