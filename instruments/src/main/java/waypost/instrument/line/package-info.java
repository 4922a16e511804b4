/**
 * The open line format in which instruments tell their samples; docs/instruments.md describes it.
 *
 * <p>Start at {@link Sample}. May use: nothing of the other rooms.
 */
@NullMarked
package waypost.instrument.line;

import org.jspecify.annotations.NullMarked;
