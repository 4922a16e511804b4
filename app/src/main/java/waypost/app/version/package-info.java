/**
 * Running courses and later versions of their protocols: who is behind, what following would change for each, signed one by one
 * or for all for whom nothing changes. A course stays on its version until then.
 *
 * <p>Start at {@link Versions}. May use: account, course, difference, entry, rack, shell, signature, store,
 * the core.
 */
@NullMarked
package waypost.app.version;

import org.jspecify.annotations.NullMarked;
