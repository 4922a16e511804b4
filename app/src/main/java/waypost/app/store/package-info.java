/**
 * What several features share of the database: published bundles, and the one loader that assembles courses.
 *
 * <p>Start at {@link CourseLoader}. May use: entry, the core, the library.
 */
@NullMarked
package waypost.app.store;

import org.jspecify.annotations.NullMarked;
