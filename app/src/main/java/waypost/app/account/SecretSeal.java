package waypost.app.account;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.apache.commons.codec.binary.Hex;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.crypto.encrypt.AesBytesEncryptor;
import org.springframework.security.crypto.encrypt.BytesEncryptor;
import org.springframework.security.crypto.keygen.KeyGenerators;
import org.springframework.stereotype.Component;

/**
 * Keeps the secrets of time codes so that who reads the database can't make codes: AES-256 in GCM under a key of the house that
 * is never in the database. Without a key they lie there as they are; with one, each is sealed when it is next used.
 */
@Component
class SecretSeal {

    /** The length of a secret that is not sealed. */
    static final int PLAIN = 20;

    private static final int SHORTEST_KEY = 32;
    private static final int NONCE_BYTES = 16;

    private final Optional<BytesEncryptor> sealing;

    SecretSeal(@Value("${waypost.secret-key:}") String key) {
        if (!key.isEmpty() && key.length() < SHORTEST_KEY) {
            throw new IllegalArgumentException("WAYPOST_SECRET_KEY: found " + key.length()
                    + " letters, allowed: at least " + SHORTEST_KEY + ", made at random, or none");
        }
        // The salt only has to differ from other uses of the same key.
        String salt = Hex.encodeHexString(DigestUtils.sha256("waypost time codes"), true);
        this.sealing = key.isEmpty()
                ? Optional.empty()
                : Optional.of(new AesBytesEncryptor(
                        Hex.encodeHexString(key.getBytes(StandardCharsets.UTF_8)),
                        salt,
                        KeyGenerators.secureRandom(NONCE_BYTES),
                        AesBytesEncryptor.CipherAlgorithm.GCM));
    }

    /** As it goes into the database. */
    byte[] sealed(byte[] secret) {
        return sealing.map(seal -> seal.encrypt(secret)).orElse(secret);
    }

    /**
     * As it is used.
     *
     * @throws IllegalStateException where it is sealed under a key that is not there, or another one
     */
    byte[] opened(byte[] stored) {
        if (stored.length == PLAIN) {
            return stored;
        }
        return sealing.orElseThrow(() ->
                        new IllegalStateException("a time code's secret is sealed and WAYPOST_SECRET_KEY is not set"))
                .decrypt(stored);
    }

    /** Whether it lies in the database as it is though it could be sealed. */
    boolean isOpen(byte[] stored) {
        return stored.length == PLAIN && sealing.isPresent();
    }
}
