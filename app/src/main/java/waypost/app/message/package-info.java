/**
 * Short messages to patients who agreed to them: that a plan is ready, that a visit comes. Never what for.
 *
 * <p>Start at {@link Messages}. They leave through a {@link Gateway}; the one that ships is simulated, and fails on purpose.
 * May use: account, course, entry, shell, the library.
 */
@NullMarked
package waypost.app.message;

import org.jspecify.annotations.NullMarked;
