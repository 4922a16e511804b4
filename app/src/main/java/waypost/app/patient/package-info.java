/**
 * A patient: every course, and the way to a second one.
 *
 * <p>Start at {@link PatientController}. May use: account, audit, course, shell, store, and the library.
 */
@NullMarked
package waypost.app.patient;

import org.jspecify.annotations.NullMarked;
