/**
 * Holds what a surgeon's protocol says as rules, and merges it with the answers of the operation note.
 *
 * <p>Start at {@link Protocol} and {@link Resolver}. Rules only restrict: a {@link Limit} takes something away, an
 * {@link Opening} says from when something is covered at all, and silence is not permission. May use: exercise,
 * measure, demand, body, time. Must not use: gate and anything above.
 */
@NullMarked
package waypost.core.protocol;

import org.jspecify.annotations.NullMarked;
