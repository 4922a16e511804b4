/**
 * A hand finger by finger: how far each bends and straightens, how good that is, how often it is worked, and what a splint
 * leaves its joints.
 *
 * <p>Start at {@link waypost.core.hand.FingerReading}. May use: body, course, demand, exercise, function, home.
 */
@NullMarked
package waypost.core.hand;

import org.jspecify.annotations.NullMarked;
