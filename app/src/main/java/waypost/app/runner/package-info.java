/**
 * The full screen from which a session is led: it counts, calls and caps while the therapist watches the patient.
 *
 * <p>Start at {@link RunnerPages}. What comes next is worked out beforehand by the core; the page follows it, also without
 * a connection. May use: account, course, entry, measure, store, work, the core, the library.
 */
@NullMarked
package waypost.app.runner;

import org.jspecify.annotations.NullMarked;
