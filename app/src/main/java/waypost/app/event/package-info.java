/**
 * What happened to the limb and what a therapist narrowed alone: put on record, looked after by name, taken back; the
 * end of a course.
 *
 * <p>Start at {@link Events} and {@link Narrowed}. May use: account, course, entry, shell, store, the core, the
 * library.
 */
@NullMarked
package waypost.app.event;

import org.jspecify.annotations.NullMarked;
