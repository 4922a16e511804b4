/**
 * Proposes the next dose of an exercise by its named rule, and never what the gate does not allow.
 *
 * <p>Start at {@link Proposals}. A {@link ProgressionRule} reads only what was done; holds, limits and the balance of
 * the week are laid over it. May use: body, course, criterion, demand, exercise, gate, log, measure, milestone,
 * own, prescription, program, protocol, reason, resolved, safety.
 */
@NullMarked
package waypost.core.progression;

import org.jspecify.annotations.NullMarked;
