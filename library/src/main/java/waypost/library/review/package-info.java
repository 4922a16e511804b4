/**
 * The review sheet of a protocol: two printed pages for the clinician who signs it.
 *
 * <p>Start at {@link ReviewSheets#of}; {@link ReviewPage} makes HTML of it. May use: bundle, lint, text, words, the
 * core.
 */
@NullMarked
package waypost.library.review;

import org.jspecify.annotations.NullMarked;
