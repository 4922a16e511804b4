package waypost.app.account;

/** What an account may do; docs/roles.md has the table, held against this by a test. */
public enum Permission {
    SEE_PATIENTS,
    BOOK,
    RECORD,
    REFER,
    HOLD,
    SIGN,
    PUBLISH,
    SET_EQUIPMENT,
    MANAGE_ACCOUNTS,
    SEE_LOOKS
}
