/**
 * Who comes today, where they stand, what opened since last time, what is due, what is wrong; and the appointments.
 *
 * <p>Start at {@link TodayController}. May use: account, appointment, audit, course, entry, finder, rack, shell,
 * store, the core, the library.
 */
@NullMarked
package waypost.app.today;

import org.jspecify.annotations.NullMarked;
