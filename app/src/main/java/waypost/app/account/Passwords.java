package waypost.app.account;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.List;
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

    /** The library's third of four steps: 100 million guesses or more. */
    private static final int LEAST_SCORE = 3;

    private final PasswordEncoder encoder;
    private final boolean demo;
    private final Zxcvbn guesser = new Zxcvbn();

    Passwords(PasswordEncoder encoder, Environment environment) {
        this.encoder = encoder;
        this.demo = environment.acceptsProfiles(Profiles.of("demo"));
    }

    /**
     * Hashes a new password, or refuses one that is short, among the commonest, repeated, or made of the owner's names.
     *
     * @param own what everybody knows of the owner: names, the clinic
     */
    String hash(String password, Collection<String> own) {
        if (password.length() < LEAST) {
            throw new FormProblem(
                    "password", "Found " + password.length() + " characters, allowed: at least " + LEAST + ".");
        }
        if (password.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES) {
            throw new FormProblem("password", "Found more than " + MOST_BYTES + " bytes, allowed: at most that.");
        }
        if (!demo && DigestUtils.sha256Hex(password).equals(DEMO_SHA256)) {
            throw new FormProblem("password", "This is the demo's password, which everybody can read. Choose another.");
        }
        if (guesser.measure(password, List.copyOf(own)).getScore() < LEAST_SCORE) {
            throw new FormProblem(
                    "password",
                    "Found a password that is soon guessed: a common one, a repeated one, or one made of your names."
                            + " Choose four or five words that don't belong together.");
        }
        return String.valueOf(encoder.encode(password));
    }

    boolean matches(String password, String hash) {
        return encoder.matches(password, hash);
    }
}
