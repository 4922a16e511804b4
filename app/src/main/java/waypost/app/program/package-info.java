/**
 * Programs of many sessions: where a course stands in each, what it asks today, and which ones are followed.
 *
 * <p>Start at {@link ProgramController}. What comes next is the core's to say. May use: account, course, entry, plan,
 * prescription, work, the core, the library.
 */
@NullMarked
package waypost.app.program;

import org.jspecify.annotations.NullMarked;
