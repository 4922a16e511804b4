/**
 * One patient's course: the referral, where it stands, advancing it, holding it, its record.
 *
 * <p>Start at {@link CourseController} and {@link CoursePages}. May use: account, audit, shell, store, and the library.
 */
@NullMarked
package waypost.app.course;

import org.jspecify.annotations.NullMarked;
