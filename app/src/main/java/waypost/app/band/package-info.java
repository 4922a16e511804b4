/**
 * The clinic's own order of bands: what stands behind the "band 2" of a protocol.
 *
 * <p>Start at {@link BandOrders}. May use: accounts and what was typed into forms.
 */
@NullMarked
package waypost.app.band;

import org.jspecify.annotations.NullMarked;
