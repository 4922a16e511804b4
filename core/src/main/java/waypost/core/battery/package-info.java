/**
 * Tests of return: a list of stations in their order, what each asks and how it is taken; and beside them the other two
 * questions, whether the time has come and whether the surgeon has cleared it. Three answers, never one number.
 *
 * <p>Start at {@link waypost.core.battery.ReturnSheet}. May use: course, criterion, followup, measure, milestone,
 * protocol, time.
 */
@NullMarked
package waypost.core.battery;

import org.jspecify.annotations.NullMarked;
