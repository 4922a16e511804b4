/**
 * Orders of the surgeon as a licensed therapist puts them on record, and their withdrawal.
 *
 * <p>Start at {@link Orders}. May use: account, entry, shell, store, the library.
 */
@NullMarked
package waypost.app.order;

import org.jspecify.annotations.NullMarked;
