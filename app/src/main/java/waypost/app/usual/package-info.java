/**
 * What a surgeon usually says: which protocol, and which school where a protocol leaves that to the surgeon. Set by a surgeon or
 * the lead, it fills a referral, and says so there; what the note must say is never filled.
 *
 * <p>Start at {@link UsualAnswers}. May use: account, entry, store, the core.
 */
@NullMarked
package waypost.app.usual;

import org.jspecify.annotations.NullMarked;
