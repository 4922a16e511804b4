/**
 * Red flags: what is asked at every check-in, and how far what was answered stops the day.
 *
 * <p>Start at {@link CheckIn}. May use: body. A flag never opens anything.
 */
@NullMarked
package waypost.core.safety;

import org.jspecify.annotations.NullMarked;
