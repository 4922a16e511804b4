/**
 * Ways of many sessions written down whole: stage after stage of one or more exercises, with what is asked before the next.
 *
 * <p>Start at {@link waypost.core.program.Program}. It says only what comes after what; what a day allows of it is asked
 * elsewhere. May use: criterion, exercise, log, prescription.
 */
@NullMarked
package waypost.core.program;

import org.jspecify.annotations.NullMarked;
