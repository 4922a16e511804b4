package waypost.app.testing;

import java.nio.ByteBuffer;
import java.security.GeneralSecurityException;
import java.time.Instant;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;

/** A telephone that shows time codes, written from RFC 4226 section 5.3 and RFC 6238 section 4 alone. */
public final class TimeCode {

    private final byte[] secret;

    private TimeCode(byte[] secret) {
        this.secret = secret;
    }

    public static TimeCode of(byte[] secret) {
        return new TimeCode(secret);
    }

    public static TimeCode typed(String letters) {
        return new TimeCode(new Base32().decode(letters.replace(" ", "")));
    }

    /** The six digits at a moment. */
    public String at(Instant moment) {
        try {
            Mac mac = Mac.getInstance("HmacSHA1");
            mac.init(new SecretKeySpec(secret, "HmacSHA1"));
            byte[] hash = mac.doFinal(
                    ByteBuffer.allocate(8).putLong(moment.getEpochSecond() / 30).array());
            int offset = hash[hash.length - 1] & 0xf;
            int number = ByteBuffer.wrap(hash, offset, 4).getInt() & 0x7fffffff;
            return "%06d".formatted(number % 1_000_000);
        } catch (GeneralSecurityException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
