/**
 * Decides what a patient may do on a day, and says why in numbers.
 *
 * <p>Start at {@link Gate#judge}. A pure function: no clock, database or locale. May use: protocol, exercise, measure,
 * demand, body, time. Must not use: course, milestone, and anything outside the core.
 */
@NullMarked
package waypost.core.gate;

import org.jspecify.annotations.NullMarked;
