/**
 * The joint dial: a protractor for one motion at true angles, with what is allowed, asked and measured.
 *
 * <p>Start at {@link Dials}. May use: the core, the library.
 */
@NullMarked
package waypost.app.dial;

import org.jspecify.annotations.NullMarked;
