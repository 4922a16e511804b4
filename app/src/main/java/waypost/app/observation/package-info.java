/**
 * Movements watched: faults graded on both sides, kept, answering the milestone that asks for a clean movement, with what
 * is open and works at what they point to.
 *
 * <p>Start at {@link Observations}. May use: account, course, entry, measure, rack, shell, the core, the library.
 */
@NullMarked
package waypost.app.observation;

import org.jspecify.annotations.NullMarked;
