/**
 * Appointments: booked, moved, cancelled, and what became of them.
 *
 * <p>Start at {@link Appointments}. May use: account, entry, store, the library.
 */
@NullMarked
package waypost.app.appointment;

import org.jspecify.annotations.NullMarked;
