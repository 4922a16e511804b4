/**
 * Measuring instruments: listening to their lines, and telling pages what they say now.
 *
 * <p>Start at {@link InstrumentFeed}. A value older than two seconds is never told as live. Every process of the
 * application listens for itself, so none holds anything that another would miss. May use: store, the instruments.
 */
@NullMarked
package waypost.app.device;

import org.jspecify.annotations.NullMarked;
