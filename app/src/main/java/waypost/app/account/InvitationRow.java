package waypost.app.account;

import java.util.Optional;
import java.util.UUID;

/** A one-time link that is still good; without an account it sets up the clinic itself. */
record InvitationRow(String secretHash, Optional<UUID> accountId) {}
