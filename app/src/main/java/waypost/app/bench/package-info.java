/**
 * The bench: the trade's calculations without a patient, each with its formula, source and limits, and a way to put
 * the result on record.
 *
 * <p>Start at {@link Calculator}. The arithmetic is the core's. May use: account, entry, finder, measure, shell,
 * store, the core.
 */
@NullMarked
package waypost.app.bench;

import org.jspecify.annotations.NullMarked;
