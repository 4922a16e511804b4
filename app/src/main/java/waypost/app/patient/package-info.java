/**
 * A patient: every course, and the way to a second one.
 *
 * <p>Start at {@link PatientController}. May use: account, course, store, the core, the library.
 */
@NullMarked
package waypost.app.patient;

import org.jspecify.annotations.NullMarked;
