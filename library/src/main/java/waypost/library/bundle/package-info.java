/**
 * Reads protocols, exercises and measures into the core's records, as one bundle with one hash.
 *
 * <p>Start at {@link Bundle#read} and {@link ShippedLibrary}. May use: text and the core's records. Must not judge.
 */
@NullMarked
package waypost.library.bundle;

import org.jspecify.annotations.NullMarked;
