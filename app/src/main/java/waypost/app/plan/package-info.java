/**
 * What is done in a course's visits: blocks of three or four weeks, and what was added, swapped and taken out since.
 *
 * <p>Start at {@link Plans}. May use: account, entry, rack, shell, the core, the library.
 */
@NullMarked
package waypost.app.plan;

import org.jspecify.annotations.NullMarked;
