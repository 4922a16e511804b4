/**
 * Finds patients, protocols and exercises from anywhere.
 *
 * <p>Start at {@link FinderController}. May use: account, audit, entry, store, the core, the library.
 */
@NullMarked
package waypost.app.finder;

import org.jspecify.annotations.NullMarked;
