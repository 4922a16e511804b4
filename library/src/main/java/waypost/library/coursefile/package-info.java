/**
 * The open file format of one patient's course: read strictly, turned into a core course.
 *
 * <p>Start at {@link CourseFile#read}. May use: bundle, text, words, the core.
 */
@NullMarked
package waypost.library.coursefile;

import org.jspecify.annotations.NullMarked;
