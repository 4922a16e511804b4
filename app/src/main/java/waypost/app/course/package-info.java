/**
 * One patient's course: the referral, where it stands, and when the patient came.
 *
 * <p>Start at {@link CourseController}. May use: account, audit, band, difference, entry, map, rack, rung, shell, signature,
 * store, usual, the core, the library.
 */
@NullMarked
package waypost.app.course;

import org.jspecify.annotations.NullMarked;
