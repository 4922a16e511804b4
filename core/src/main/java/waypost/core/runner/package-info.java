/**
 * What is counted and called while the therapist watches: the shape of a session of one exercise, and its script.
 *
 * <p>Start at {@link waypost.core.runner.Shape}. A script is the same for the same dose and seed. May use: body, course,
 * demand, exercise, function, gait, gate, limit, measure, prescription, strength.
 */
@NullMarked
package waypost.core.runner;

import org.jspecify.annotations.NullMarked;
