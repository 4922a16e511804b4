/**
 * What surrounds every page: layout, security, errors, the clinic's clock.
 *
 * <p>Start at {@link SecurityConfiguration}. May use: account, entry, signin, store.
 */
@NullMarked
package waypost.app.shell;

import org.jspecify.annotations.NullMarked;
