/**
 * A surgeon's paper as rules of the format: its words, what was understood of it said back, and the limits it comes to.
 *
 * <p>Start at {@link waypost.library.paper.Paper}. May use: text, words, bundle, desk, lint, the core.
 */
@NullMarked
package waypost.library.paper;

import org.jspecify.annotations.NullMarked;
