/**
 * Holds what a surgeon's protocol says: its scope, phases, criteria, and rules in four families.
 *
 * <p>Start at {@link Protocol} and {@link Rules}. Rules only restrict: a limit takes something away, an {@link
 * Opening} says from when something is covered at all, a {@link Duty} opens nothing, a {@link SetUp} says how;
 * silence is not permission. May use: body, criterion, exercise, limit, log, question, time.
 */
@NullMarked
package waypost.core.protocol;

import org.jspecify.annotations.NullMarked;
