/**
 * All running courses of a clinic or of one surgeon on one scale, exceptions first.
 *
 * <p>Start at {@link CaseloadController}. What is to be looked at is the core's to say. May use: account, audit, course, entry,
 * shell, store, today, the core, the library.
 */
@NullMarked
package waypost.app.caseload;

import org.jspecify.annotations.NullMarked;
