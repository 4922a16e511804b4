/**
 * Reads protocols, exercises and measures into the core's records, as one bundle with one hash.
 *
 * <p>Start at {@link Bundle#read} and {@link ShippedLibrary}. Must not judge. It does not judge. May use: text, the
 * core.
 */
@NullMarked
package waypost.library.bundle;

import org.jspecify.annotations.NullMarked;
