package waypost.app.testing;

import java.util.Map;
import waypost.app.account.Accounts;
import waypost.app.account.StaffRole;
import waypost.app.demo.DemoAccounts;

/** Accounts of a test's own, so that it may close, lock and change them. */
public final class NewAccount {

    private NewAccount() {}

    /** An account of the demo's first clinic with the demo's password. */
    public static void named(String signInName, StaffRole role) {
        RunningWaypost waypost = RunningWaypost.get();
        waypost.bean(Accounts.class)
                .add(
                        waypost.staff("therapist").clinicId(),
                        new Accounts.NewAccount(signInName, "Owner of " + signInName, role),
                        DemoAccounts.PASSWORD);
    }

    /** Signs in with a code beside the password; where it leads says whether it got in. */
    public static String signIn(Visitor visitor, String name, String password, String code) {
        return visitor.post("/sign-in", Map.of("name", name, "password", password, "code", code))
                .location();
    }
}
