/**
 * What is taught of a precaution: the movement that is meant beside the one that is not, and when it is asked for once more
 * because it was missed.
 *
 * <p>Start at {@link Example} and {@link Recall}. Nothing here opens or closes anything. May use: body, course,
 * exercise, gate, limit, reason.
 */
@NullMarked
package waypost.core.teach;

import org.jspecify.annotations.NullMarked;
