/**
 * The course map: the whole course as one way in weeks, with what holds, opens and is due on lanes under it.
 *
 * <p>Start at {@link CourseMaps}. May use: the core, the bundle, the library's words. Places are shares of the
 * ruler, so that a page of any width shows the same map.
 */
@NullMarked
package waypost.app.map;

import org.jspecify.annotations.NullMarked;
