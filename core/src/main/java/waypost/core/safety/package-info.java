/**
 * Red flags: what is asked at every check-in, and how far what was answered stops the day.
 *
 * <p>Start at {@link CheckIn}. A flag never opens anything. May use: body.
 */
@NullMarked
package waypost.core.safety;

import org.jspecify.annotations.NullMarked;
