/**
 * The patient's own page: it opens on a telephone by a link and a birth date, works without a connection once it was
 * opened, and sends back what was done.
 *
 * <p>Start at {@link PatientPageController}. It shows one patient's program and nothing else; nobody has an account here,
 * and neither the link's secret nor a name stands in an address or a log. May use: account, appointment, course, diary, entry, home, shell, store,
 * work, the core, the library.
 */
@NullMarked
package waypost.app.patientpage;

import org.jspecify.annotations.NullMarked;
