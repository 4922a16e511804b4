/**
 * The arithmetic of strength and training: force, lever and torque, trials, repetition maximum, tempo, volume, load
 * of a session.
 *
 * <p>Start at {@link Torque} and {@link Trials}. Nothing here opens or closes anything. May use: measure.
 */
@NullMarked
package waypost.core.strength;

import org.jspecify.annotations.NullMarked;
