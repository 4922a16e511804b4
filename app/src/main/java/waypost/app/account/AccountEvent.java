package waypost.app.account;

/** What may be done to an account. */
enum AccountEvent {
    ADDED,
    CLOSED,
    LINK_MADE,
    PASSWORD_SET
}
