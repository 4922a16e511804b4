/**
 * The shelf: protocols read on the map, compared two by two, with what lint finds; exercises of the library.
 *
 * <p>Start at {@link ShelfController}. May use: account, course, difference, entry, figure, map, rack, rung, shell,
 * store, the core, the library.
 */
@NullMarked
package waypost.app.shelf;

import org.jspecify.annotations.NullMarked;
