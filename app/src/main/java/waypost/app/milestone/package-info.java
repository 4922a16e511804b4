/**
 * What has to be true to move on: the evidence, and the decisions on it, each kept with the evidence as it was shown.
 *
 * <p>Start at {@link MilestoneController}. May use: account, course, entry, shell, signature, store, the core, the
 * library.
 */
@NullMarked
package waypost.app.milestone;

import org.jspecify.annotations.NullMarked;
