/**
 * Decides what a patient may do on a day, and says why in numbers.
 *
 * <p>Start at {@link Gate#judge}. A pure function: no clock, database or locale. May use: body, criterion, demand,
 * exercise, limit, log, measure, protocol, reason, resolved, time.
 */
@NullMarked
package waypost.core.gate;

import org.jspecify.annotations.NullMarked;
