package waypost.instrument.line;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.zip.CRC32;

/**
 * One value of an instrument. On the line: {@code waypost-1 NUMBER MILLIS QUANTITY VALUE UNIT CHECK}, such as
 * {@code waypost-1 1042 1795609412345 angle 92.4 deg 5f3a91c0}; the check is the CRC-32 of all before it, in eight hex
 * digits.
 *
 * @param number counts up from 1 since the instrument started
 * @param millis the instrument's own clock, since 1970
 */
public record Sample(long number, long millis, Quantity quantity, double value) {

    private static final String FORMAT = "waypost-1";
    private static final int PARTS = 7;

    public Sample {
        if (number < 1 || !quantity.isPossible(value)) {
            throw new IllegalArgumentException("sample: found number " + number + " with " + quantity.word() + " "
                    + value + ", allowed: a number from 1 on and a possible value");
        }
    }

    /** Reads a line, or refuses it with what was found. */
    public static Sample parse(String line) {
        String[] parts = line.split(" ", -1);
        if (parts.length != PARTS || !parts[0].equals(FORMAT)) {
            throw new IllegalArgumentException("line: found '" + line + "', allowed: " + FORMAT
                    + " and six more parts: number, milliseconds, quantity, value, unit, check");
        }
        String body = line.substring(0, line.lastIndexOf(' '));
        if (!parts[6].equals(check(body))) {
            throw new IllegalArgumentException("line: found the check " + parts[6] + ", allowed: " + check(body));
        }
        Quantity quantity = Quantity.of(parts[3]);
        if (!parts[5].equals(quantity.unit())) {
            throw new IllegalArgumentException("unit: found '" + parts[5] + "', allowed: " + quantity.unit());
        }
        return new Sample(Long.parseLong(parts[1]), Long.parseLong(parts[2]), quantity, Double.parseDouble(parts[4]));
    }

    /** The line without its end. */
    public String line() {
        String body = String.format(
                Locale.ROOT, "%s %d %d %s %.2f %s", FORMAT, number, millis, quantity.word(), value, quantity.unit());
        return body + " " + check(body);
    }

    private static String check(String body) {
        CRC32 crc = new CRC32();
        crc.update(body.getBytes(StandardCharsets.US_ASCII));
        return String.format(Locale.ROOT, "%08x", crc.getValue());
    }
}
