package waypost.app.account;

import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import waypost.app.entry.FormProblem;

/** What a password must be. The demo's is refused everywhere else. */
@Component
public class Passwords {

    /** The password of every demo account, printed when the demo starts. */
    public static final String DEMO = "tidewick demo clinic";

    private static final int LEAST = 12;
    private static final int MOST_BYTES = 72;

    private final PasswordEncoder encoder;
    private final boolean demo;

    Passwords(PasswordEncoder encoder, Environment environment) {
        this.encoder = encoder;
        this.demo = environment.acceptsProfiles(Profiles.of("demo"));
    }

    String hash(String password) {
        if (password.length() < LEAST) {
            throw new FormProblem(
                    "password", "Found " + password.length() + " characters, allowed: at least " + LEAST + ".");
        }
        if (password.getBytes(java.nio.charset.StandardCharsets.UTF_8).length > MOST_BYTES) {
            throw new FormProblem("password", "Found more than " + MOST_BYTES + " bytes, allowed: at most that.");
        }
        if (!demo && password.equals(DEMO)) {
            throw new FormProblem("password", "This is the demo's password, which everybody can read. Choose another.");
        }
        return String.valueOf(encoder.encode(password));
    }

    boolean matches(String password, String hash) {
        return encoder.matches(password, hash);
    }
}
