/**
 * The course map: the whole course as one way in weeks, with what holds, opens and is due on lanes under it.
 *
 * <p>Start at {@link CourseMaps}. Places are shares of the ruler, so that a page of any width shows the same map. May
 * use: the core, the library.
 */
@NullMarked
package waypost.app.map;

import org.jspecify.annotations.NullMarked;
