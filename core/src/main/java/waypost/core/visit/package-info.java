/**
 * One day of work of a person: what is proposed, what staying or a step back asks, when stops are to be told, how
 * long to rest, when to come again. Pages only lay it out.
 *
 * <p>Start at {@link Visit}. May use every floor below. May use: course, exercise, followup, log, prescription,
 * progression,
 * safety, sport.
 */
@NullMarked
package waypost.core.visit;

import org.jspecify.annotations.NullMarked;
