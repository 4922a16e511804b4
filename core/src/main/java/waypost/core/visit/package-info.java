/**
 * One day of work of a person: what is proposed, what staying or a step back asks, when stops are to be told, how
 * long to rest, when to come again. Pages only lay it out.
 *
 * <p>Start at {@link Visit}. May use: course, exercise, followup, log, prescription, program, progression, safety, sport.
 */
@NullMarked
package waypost.core.visit;

import org.jspecify.annotations.NullMarked;
