/**
 * A protocol of a clinic's own on the desk: the files that say it, what of them lies on a day, and changes that write one
 * place anew and leave all else, remarks and order too, as it was.
 *
 * <p>Start at {@link waypost.library.desk.Desk}. May use: text, bundle, the core.
 */
@NullMarked
package waypost.library.desk;

import org.jspecify.annotations.NullMarked;
