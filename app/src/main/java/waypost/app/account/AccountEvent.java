package waypost.app.account;

/** What may be done to an account, or by it to the whole clinic's. */
public enum AccountEvent {
    ADDED("added"),
    CLOSED("closed"),
    LINK_MADE("link for a new password made"),
    PASSWORD_SET("password set by a link"),
    PASSWORD_CHANGED("password changed"),
    SECOND_FACTOR_SET("time code set up"),
    SECOND_FACTOR_REMOVED("time code removed"),
    SESSIONS_ENDED("other sessions ended"),
    SECOND_FACTOR_DEMANDED("time code demanded of everybody"),
    SECOND_FACTOR_LEFT_FREE("time code left to everybody");

    private final String words;

    AccountEvent(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
