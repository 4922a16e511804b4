/**
 * The open line format in which instruments tell their samples; docs/instruments.md describes it.
 *
 * <p>Start at {@link Sample}. May use: nothing but Java.
 */
@NullMarked
package waypost.instrument.line;

import org.jspecify.annotations.NullMarked;
