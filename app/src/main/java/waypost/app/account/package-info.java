/**
 * Who signs in, what each role may do, and how fresh a password must be to sign.
 *
 * <p>Start at {@link Staff} and {@link Permission}. May use: entry, store.
 */
@NullMarked
package waypost.app.account;

import org.jspecify.annotations.NullMarked;
