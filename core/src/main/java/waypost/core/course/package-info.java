/**
 * Brings together everything known of one course of care and tells where it stands on a date.
 *
 * <p>Start at {@link Course#on}. May use every floor below. The date is an argument; the clock belongs to the caller.
 * May use: body, criterion, demand, exercise, gate, limit, log, measure, milestone, protocol, question, reason,
 * resolved, time, trend.
 */
@NullMarked
package waypost.core.course;

import org.jspecify.annotations.NullMarked;
