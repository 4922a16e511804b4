package waypost.app.account;

import java.nio.charset.StandardCharsets;
import org.apache.commons.codec.binary.Base32;

/** A time code's secret as it is kept; {@code lastStep} counts half minutes since 1970. */
@SuppressWarnings("ArrayRecordComponent") // As the database gives it; never compared.
record SecondFactorRow(byte[] secret, boolean confirmed, long lastStep) {

    SecondFactorRow withSecret(byte[] other) {
        return new SecondFactorRow(other, confirmed, lastStep);
    }

    /** The secret as an address carries it. */
    String plainLetters() {
        return new String(new Base32().encode(secret), StandardCharsets.US_ASCII);
    }

    /** The secret as people type it. */
    String letters() {
        return plainLetters().replaceAll("(.{4})(?=.)", "$1 ");
    }
}
