/**
 * Merges a protocol with one course's answers and day 0 into the rules that are in force.
 *
 * <p>Start at {@link Resolver}. May use: body, criterion, exercise, limit, log, protocol, question, time.
 */
@NullMarked
package waypost.core.resolved;

import org.jspecify.annotations.NullMarked;
