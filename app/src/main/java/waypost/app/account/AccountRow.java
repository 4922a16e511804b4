package waypost.app.account;

import java.util.UUID;

/** An account as the clinic's list shows it. */
public record AccountRow(
        UUID id,
        String signInName,
        String displayName,
        StaffRole role,
        boolean active,
        boolean hasPassword,
        boolean secondFactor) {}
