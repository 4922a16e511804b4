/**
 * Merges a protocol with one course's answers and day 0 into the rules that are in force.
 *
 * <p>Start at {@link Resolver}. May use: protocol, question and everything below. Must not use: gate and above.
 */
@NullMarked
package waypost.core.resolved;

import org.jspecify.annotations.NullMarked;
