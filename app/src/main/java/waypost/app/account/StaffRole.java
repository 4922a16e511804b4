package waypost.app.account;

import static waypost.app.account.Permission.BOOK;
import static waypost.app.account.Permission.HOLD;
import static waypost.app.account.Permission.MANAGE_ACCOUNTS;
import static waypost.app.account.Permission.PUBLISH;
import static waypost.app.account.Permission.RECORD;
import static waypost.app.account.Permission.REFER;
import static waypost.app.account.Permission.SEE_LOOKS;
import static waypost.app.account.Permission.SEE_PATIENTS;
import static waypost.app.account.Permission.SET_EQUIPMENT;
import static waypost.app.account.Permission.SIGN;

import java.util.Set;

/** The roles of a clinic. An administrator keeps the accounts and sees no patient. */
public enum StaffRole {
    THERAPIST(SEE_PATIENTS, BOOK, RECORD, REFER, HOLD, SIGN),
    ASSISTANT(SEE_PATIENTS, BOOK, RECORD),
    SURGEON(SEE_PATIENTS, HOLD, SIGN, PUBLISH),
    LEAD(SEE_PATIENTS, BOOK, RECORD, REFER, HOLD, SIGN, PUBLISH, SET_EQUIPMENT, MANAGE_ACCOUNTS, SEE_LOOKS),
    ADMIN(SET_EQUIPMENT, MANAGE_ACCOUNTS);

    private final Set<Permission> permissions;

    StaffRole(Permission... permissions) {
        this.permissions = Set.of(permissions);
    }

    public Set<Permission> permissions() {
        return permissions;
    }
}
