/**
 * The arithmetic of function and loading: reach and finger motion, weight on a scale, a seat's height, ground
 * contacts, the cuff of blood-flow restriction.
 *
 * <p>Start at {@link WeightBearing}. Nothing here opens or closes anything. May use: body, demand, strength.
 */
@NullMarked
package waypost.core.function;

import org.jspecify.annotations.NullMarked;
