/**
 * The doses that therapists write for the exercises of a course, in the place of the library's.
 *
 * <p>Start at {@link Prescribing}. What is written is judged for its day before it is kept; what comes of it later is
 * the proposals' to say. May use: account, entry, shell, store, the core, the library.
 */
@NullMarked
package waypost.app.prescription;

import org.jspecify.annotations.NullMarked;
