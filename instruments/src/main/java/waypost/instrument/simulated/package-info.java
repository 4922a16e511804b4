/**
 * Simulated instruments, each a process of its own: what they tell is made up from a seed, and they fail as real ones
 * do.
 *
 * <p>Start at {@link InstrumentCommand}. May use: line.
 */
@NullMarked
package waypost.instrument.simulated;

import org.jspecify.annotations.NullMarked;
