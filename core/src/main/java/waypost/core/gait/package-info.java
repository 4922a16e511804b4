/**
 * Walking foot by foot: which aid and pattern the allowed weight leaves, in which order aid and feet are put down on the
 * level, on stairs and in a turn, and where each stands.
 *
 * <p>Start at {@link waypost.core.gait.Walk}; {@link HandleFit} sets an aid to the person. Lengths of a walk are metres, headings
 * degrees. May use: anatomy, body, demand.
 */
@NullMarked
package waypost.core.gait;

import org.jspecify.annotations.NullMarked;
