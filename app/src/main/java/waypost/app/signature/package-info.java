/**
 * What somebody puts their name to: the wording and the evidence that was shown, kept with its hash.
 *
 * <p>Start at {@link Signatures}. May use: account.
 */
@NullMarked
package waypost.app.signature;

import org.jspecify.annotations.NullMarked;
