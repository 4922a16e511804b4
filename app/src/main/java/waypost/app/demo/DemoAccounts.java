package waypost.app.demo;

import java.util.List;

/** Who can sign in to the demo, and how: printed when it starts, and in no jar for production. */
public final class DemoAccounts {

    /** The password of every demo account. */
    public static final String PASSWORD = "tidewick demo clinic";

    static final List<String> SIGN_IN_NAMES = List.of("therapist", "assistant", "surgeon", "lead", "admin", "upriver");

    private DemoAccounts() {}
}
