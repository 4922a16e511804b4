/**
 * A difference of standings as a page shows it: signs before and after with the reason, and the rest in words; and one of
 * courses over all their days.
 *
 * <p>Start at {@link DifferencePage} and {@link ComparePage}. May use: rack, the core, the library.
 */
@NullMarked
package waypost.app.difference;

import org.jspecify.annotations.NullMarked;
