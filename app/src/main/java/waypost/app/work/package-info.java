/**
 * The working part of a visit: today's plan, one exercise at a time with its proposal, and every set as it was done.
 *
 * <p>Start at {@link WorkController} and {@link SetEntry}. What was done is kept even when it was not open: the
 * record tells the truth. May use: account, band, checkin, course, diary, entry, figure, plan,
 * prescription, rack, shell, sport, store, the core,
 * the library.
 */
@NullMarked
package waypost.app.work;

import org.jspecify.annotations.NullMarked;
