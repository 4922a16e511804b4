/**
 * What is doubtful in a reading, beside the readings before it. A doubt is told; it refuses nothing.
 *
 * <p>Start at {@link Doubts}. May use: body, measure.
 */
@NullMarked
package waypost.core.doubt;

import org.jspecify.annotations.NullMarked;
