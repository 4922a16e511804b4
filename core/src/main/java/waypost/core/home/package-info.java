/**
 * The program for home: doses with a rhythm, judged by the gate for every day on which it is valid.
 *
 * <p>Start at {@link waypost.core.home.HomeDays}. A program never opens anything: what closes while it is valid ends on
 * that day, and what opens meanwhile is only announced. May use: course, exercise, gate, log, prescription, progression.
 */
@NullMarked
package waypost.core.home;

import org.jspecify.annotations.NullMarked;
