/**
 * What was typed into a form: reading it, and saying at each field what can't be taken.
 *
 * <p>Start at {@link FormProblem} and {@link Sent}. May use: the core.
 */
@NullMarked
package waypost.app.entry;

import org.jspecify.annotations.NullMarked;
