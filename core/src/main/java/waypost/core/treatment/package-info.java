/**
 * Treatment by hand: which ranges it is for, what a technique asks of the limb, what the gate says of it, what it gained
 * and what of that was kept.
 *
 * <p>Start at {@link HandTreatment}. May use: body, course, demand, exercise, gate, measure.
 */
@NullMarked
package waypost.core.treatment;

import org.jspecify.annotations.NullMarked;
