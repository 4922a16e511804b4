/**
 * Checking in: pain, swelling, home work and red flags, asked before anything else of a visit.
 *
 * <p>Start at {@link CheckIns}. A flag that stops treatment places a hold; only a clinician ends it, with a reason.
 * May use: account, course, diary, entry, measure, milestone, shell, store, the core,
 * the library.
 */
@NullMarked
package waypost.app.checkin;

import org.jspecify.annotations.NullMarked;
