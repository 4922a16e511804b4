/**
 * The ladder rack: a row for every ladder, a sign for every rung, what is open today ending on one line; with its
 * filters.
 *
 * <p>Start at {@link Racks}. May use: store, the core, the library.
 */
@NullMarked
package waypost.app.rack;

import org.jspecify.annotations.NullMarked;
