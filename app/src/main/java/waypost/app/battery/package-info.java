/**
 * Tests of return as they are done: station by station, with what was found, and time, tests and surgeon beside each other.
 *
 * <p>Start at {@link ReturnController}. May use: account, course, measure, the core, the library.
 */
@NullMarked
package waypost.app.battery;

import org.jspecify.annotations.NullMarked;
