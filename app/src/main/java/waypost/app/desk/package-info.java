/**
 * The desk: the map of a clinic's own protocol, on which posts are dragged, stepped and typed, with its text beside it and a
 * made-up patient under it.
 *
 * <p>Start at {@link DeskController}. May use: account, entry, map, paper, store, the core, the library.
 */
@NullMarked
package waypost.app.desk;

import org.jspecify.annotations.NullMarked;
