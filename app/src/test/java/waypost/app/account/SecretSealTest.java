package waypost.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import waypost.app.testing.NewAccount;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** Who reads the database can't make codes, and what was kept before there was a key goes on. */
@Tag("served")
class SecretSealTest {

    private static final String KEY = "tide tables and lantern oil, 32 or more";
    private static final byte[] SECRET = "twenty bytes of salt".getBytes(StandardCharsets.UTF_8);

    @Test
    void opensWhatItSealed() {
        SecretSeal seal = new SecretSeal(KEY);
        byte[] stored = seal.sealed(SECRET);

        assertThat(stored).hasSizeBetween(21, 100).isNotEqualTo(seal.sealed(SECRET));
        assertThat(new String(stored, StandardCharsets.ISO_8859_1)).doesNotContain("twenty");
        assertThat(seal.opened(stored)).isEqualTo(SECRET);
        assertThat(new SecretSeal(KEY).opened(stored)).isEqualTo(SECRET);
    }

    @Test
    void opensWhatWasKeptWithoutAKey() {
        assertThat(new SecretSeal("").sealed(SECRET)).isEqualTo(SECRET);
        assertThat(new SecretSeal(KEY).opened(SECRET)).isEqualTo(SECRET);
        assertThat(new SecretSeal(KEY).isOpen(SECRET)).isTrue();
        assertThat(new SecretSeal("").isOpen(SECRET)).isFalse();
    }

    @Test
    void doesNotOpenWithAnotherKeyOrNone() {
        byte[] stored = new SecretSeal(KEY).sealed(SECRET);

        assertThatThrownBy(() -> new SecretSeal(KEY + "!").opened(stored)).isInstanceOf(IllegalStateException.class);
        assertThatThrownBy(() -> new SecretSeal("").opened(stored)).hasMessageContaining("WAYPOST_SECRET_KEY");
        assertThatThrownBy(() -> new SecretSeal("short")).hasMessageContaining("found 5 letters, allowed: at least 32");
    }

    @Test
    void noSecretLiesOpenInTheDatabase() {
        NewAccount.named("sealed.owner", StaffRole.THERAPIST);
        Visitor owner = Visitor.signedIn("sealed.owner");
        owner.post("/account/second-factor", Map.of());

        assertThat(RunningWaypost.get().bean(JdbcTemplate.class).queryForObject("""
                                select length(secret) from second_factor f join account a on a.id = f.account_id
                                 where a.sign_in_name = 'sealed.owner'
                                """, Integer.class))
                .isGreaterThan(SecretSeal.PLAIN);
    }
}
