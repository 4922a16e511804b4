/**
 * Reviews milestones: what is met, pending within the tool's error, missing, out of date, or not safe to test yet.
 *
 * <p>Start at {@link Review}. May use: body, criterion, exercise, gate, log, measure, protocol, time.
 */
@NullMarked
package waypost.core.milestone;

import org.jspecify.annotations.NullMarked;
