/**
 * What if: an answer, an order, a date or a reading tried on a course without saving; thrown away, or made real.
 *
 * <p>Start at {@link WhatIfController}. May use: account, course, difference, entry, measure, order, rack, shell,
 * store, the core, the library.
 */
@NullMarked
package waypost.app.whatif;

import org.jspecify.annotations.NullMarked;
