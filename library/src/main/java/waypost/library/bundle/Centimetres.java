package waypost.library.bundle;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Heights and distances as files write them: "15 cm". */
final class Centimetres {

    private static final Pattern WRITTEN = Pattern.compile("(\\d{1,3}) cm");
    private static final double IN_A_METRE = 100;

    private Centimetres() {}

    static double metres(String text) {
        Matcher written = WRITTEN.matcher(text);
        if (!written.matches()) {
            throw new IllegalArgumentException("found '" + text + "', allowed: centimetres such as '15 cm'");
        }
        return Integer.parseInt(written.group(1)) / IN_A_METRE;
    }
}
