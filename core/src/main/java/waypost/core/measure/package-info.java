/**
 * Holds readings with their units, the error of the tool, and the arithmetic of the trade: range, symmetry,
 * repetition maximum.
 *
 * <p>Start at {@link Measure} and {@link Reading}. May use: body.
 */
@NullMarked
package waypost.core.measure;

import org.jspecify.annotations.NullMarked;
