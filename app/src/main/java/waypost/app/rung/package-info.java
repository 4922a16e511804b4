/**
 * An opened rung: its verdict with reasons, what would open it, demands against limits, dose, and how it is taught.
 *
 * <p>Start at {@link RungPanels}. May use: band, dial, figure, rack, the core, the library.
 */
@NullMarked
package waypost.app.rung;

import org.jspecify.annotations.NullMarked;
