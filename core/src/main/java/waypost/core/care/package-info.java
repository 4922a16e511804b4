/**
 * Judges several courses of one person together: what one closes, no other opens.
 *
 * <p>Start at {@link Person#on}. May use every floor below. May use: course.
 */
@NullMarked
package waypost.core.care;

import org.jspecify.annotations.NullMarked;
