/**
 * Getting from place to place in the first days, as a script that is followed step by step with the pain asked after each.
 *
 * <p>Start at {@link TransferPages}. May use: account, course, entry, figure, store, work, the core, the library.
 */
@NullMarked
package waypost.app.transfer;

import org.jspecify.annotations.NullMarked;
