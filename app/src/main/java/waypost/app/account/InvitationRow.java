package waypost.app.account;

import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A one-time link that is still good; without an account it sets up the clinic itself. */
record InvitationRow(
        String secretHash,
        @Nullable UUID accountId,
        @Nullable String spokenHash) {

    /** The account whose password it sets; none for the first set-up. */
    Optional<UUID> account() {
        return Optional.ofNullable(accountId);
    }
}
