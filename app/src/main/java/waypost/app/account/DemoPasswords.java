package waypost.app.account;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Finds accounts that still have the demo's password. */
@Component
public class DemoPasswords {

    /** Sign-in names of the demo's accounts. */
    public static final List<String> SIGN_IN_NAMES =
            List.of("therapist", "assistant", "surgeon", "lead", "admin", "upriver");

    private final AccountMapper mapper;
    private final Passwords passwords;

    DemoPasswords(AccountMapper mapper, Passwords passwords) {
        this.mapper = mapper;
        this.passwords = passwords;
    }

    /** Ends the start when a demo account is found with its demo password. */
    public void refuse() {
        for (String name : SIGN_IN_NAMES) {
            Optional<Staff> found = mapper.findBySignInName(name);
            if (found.isPresent()
                    && passwords.matches(Passwords.DEMO, found.get().hash())) {
                throw new IllegalStateException("Found the demo account '" + name
                        + "' with the demo's password in this database; allowed: a database without demo data."
                        + " Start with an empty database.");
            }
        }
    }
}
