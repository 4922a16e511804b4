/**
 * One patient's course: the referral, where it stands, advancing it, holding it, its record.
 *
 * <p>Start at {@link CourseController}. May use: account, audit, band, map, rack, rung, shell, store, and the
 * library.
 */
@NullMarked
package waypost.app.course;

import org.jspecify.annotations.NullMarked;
