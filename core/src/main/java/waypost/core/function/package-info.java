/**
 * The arithmetic of function and loading: reach and finger motion, weight on a scale, a seat's height, ground contacts,
 * the cuff of blood-flow restriction.
 *
 * <p>Start at {@link WeightBearing}. May use: strength, measure, demand. Nothing here opens or closes anything.
 */
@NullMarked
package waypost.core.function;

import org.jspecify.annotations.NullMarked;
