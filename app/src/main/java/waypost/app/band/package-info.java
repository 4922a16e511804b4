/**
 * The clinic's own order of bands: what stands behind the "band 2" of a protocol.
 *
 * <p>Start at {@link BandOrders}. May use: account, entry, store, the core, the library.
 */
@NullMarked
package waypost.app.band;

import org.jspecify.annotations.NullMarked;
