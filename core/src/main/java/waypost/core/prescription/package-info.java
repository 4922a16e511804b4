/**
 * The dose of an exercise as a therapist writes it, and as it is to be worked at: sets, load, set-up, rest, side, days,
 * and the rule by which it goes on.
 *
 * <p>Start at {@link Prescription}. It says nothing of what is open: the gate is asked by those who propose. May use:
 * body, demand, exercise, log, protocol, strength.
 */
@NullMarked
package waypost.core.prescription;

import org.jspecify.annotations.NullMarked;
