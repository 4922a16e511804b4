/**
 * Treatment by hand: for which range, how, for how long, what the range was before and after, and what the patient does
 * alone to hold it. What the gate objects to is kept only with a reason of whoever did it.
 *
 * <p>Start at {@link HandTreatments}. May use: account, course, entry, rack, shell, store, the core, the library.
 */
@NullMarked
package waypost.app.treatment;

import org.jspecify.annotations.NullMarked;
