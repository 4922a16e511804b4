/**
 * Says what an exercise or test asks of the operated limb: motion, tissue, weight, load, lever, height, posture,
 * impact, balance and speed.
 *
 * <p>Start at {@link Demand}. May use: body.
 */
@NullMarked
package waypost.core.demand;

import org.jspecify.annotations.NullMarked;
