/**
 * The week of a course on a board: what was done on each day, what is meant for the days to come, and on which weekdays
 * an exercise is placed.
 *
 * <p>Start at {@link WeekController} and {@link WeekPages}. May use: account, course, entry, plan, work, the core,
 * the library.
 */
@NullMarked
package waypost.app.week;

import org.jspecify.annotations.NullMarked;
