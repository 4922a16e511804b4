/**
 * A hand's day, finger by finger: what each reaches and how good that is, drawn true to its joints, how much it is worked and
 * when; what the splint leaves; the scar with a clock.
 *
 * <p>Start at {@link HandController}. May use: account, course, entry, figure, measure, the core, the library.
 */
@NullMarked
package waypost.app.hand;

import org.jspecify.annotations.NullMarked;
