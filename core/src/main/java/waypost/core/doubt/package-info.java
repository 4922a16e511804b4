/**
 * What is doubtful in a reading, beside the readings before it. A doubt is told; it refuses nothing.
 *
 * <p>Start at {@link Doubts}. May use: measure and what lies below it.
 */
@NullMarked
package waypost.core.doubt;

import org.jspecify.annotations.NullMarked;
