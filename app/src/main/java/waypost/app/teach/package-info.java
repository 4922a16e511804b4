/**
 * Precautions taught and taught back: said by the patient in their own words and shown on the other limb; due again
 * after a lapse, and when the precaution changes.
 *
 * <p>Start at {@link TeachBacks}. May use: account, band, course, entry, figure, shell, store, the core, the library.
 */
@NullMarked
package waypost.app.teach;

import org.jspecify.annotations.NullMarked;
