/**
 * Wrapping a visit up: the note drafted from what was logged, the therapist's own words beside it, the list for home,
 * the next appointment, signatures and countersignatures.
 *
 * <p>Start at {@link Notes}. A note is amended by another one, never edited. May use: account, appointment, checkin,
 * course, diary, entry, home, observation, rack, shell, signature, store, treatment, work, the core, the library.
 */
@NullMarked
package waypost.app.note;

import org.jspecify.annotations.NullMarked;
