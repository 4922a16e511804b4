/**
 * How somebody gets in: how often it may be tried, where hashing waits its turn, what a session may do.
 *
 * <p>Start at {@link SigningIn}. May use: account.
 */
@NullMarked
package waypost.app.signin;

import org.jspecify.annotations.NullMarked;
