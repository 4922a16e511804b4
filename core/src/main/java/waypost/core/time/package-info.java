/**
 * Counts the days of a course, on one clock or several, and turns the words of a protocol ("completed week 6", "8
 * weeks", "month 4") into days.
 *
 * <p>Start at {@link CourseDay} and {@link Moment}. Must not read a clock: the date is always an argument. May use:
 * nothing of the other rooms.
 */
@NullMarked
package waypost.core.time;

import org.jspecify.annotations.NullMarked;
