/**
 * Keeps every look at a record.
 *
 * <p>Start at {@link ReadLog}. May use: account, entry.
 */
@NullMarked
package waypost.app.audit;

import org.jspecify.annotations.NullMarked;
