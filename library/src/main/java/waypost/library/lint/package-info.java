/**
 * Checks a library by machine for what a reader of rules overlooks: gaps, rules that contradict, rungs that never
 * open.
 *
 * <p>Start at {@link Lint#of}. Each kind of finding is one {@link Check}. May use: bundle, plain, text, words, the core.
 */
@NullMarked
package waypost.library.lint;

import org.jspecify.annotations.NullMarked;
