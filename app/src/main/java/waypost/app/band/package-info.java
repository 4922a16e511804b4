/**
 * The clinic's own bands and springs: what stands behind the "band 2" of a protocol, and which spring makes a dose.
 *
 * <p>Start at {@link BandOrders}. May use: account, entry, store, the core, the library.
 */
@NullMarked
package waypost.app.band;

import org.jspecify.annotations.NullMarked;
