/**
 * Patients made from a seed, who follow what is proposed and answer as their hidden tissue does. They show that a
 * course can be followed to its end, and what is reported when it goes otherwise; they also fill the demo. All of it
 * is invented.
 *
 * <p>Start at {@link SimulatedCourse}. May use: bundle, the core.
 */
@NullMarked
package waypost.library.simulated;

import org.jspecify.annotations.NullMarked;
