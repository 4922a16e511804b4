package waypost.app.account;

import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import waypost.app.entry.FormProblem;

/** What a password must be. The demo's is refused everywhere else. */
@Component
public class Passwords {

    /** SHA-256 of the demo's password in UTF-8: enough to refuse it where the demo is not. */
    private static final String DEMO_SHA256 = "9edb9b253be9cb9bce6df8b185187b2b05571c45c2bcc870c3fdb3d8e34a0f80";

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
        if (!demo && DigestUtils.sha256Hex(password).equals(DEMO_SHA256)) {
            throw new FormProblem("password", "This is the demo's password, which everybody can read. Choose another.");
        }
        return String.valueOf(encoder.encode(password));
    }

    boolean matches(String password, String hash) {
        return encoder.matches(password, hash);
    }
}
