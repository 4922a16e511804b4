package waypost.app.message;

import java.util.regex.Pattern;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;

/**
 * Where a patient agreed to be written to.
 *
 * @param channel NONE, TEXT or MAIL
 * @param address a telephone number or a mail address; blank for NONE
 */
public record Consent(String channel, String address) {

    private static final int LONGEST = 120;
    private static final Pattern NUMBER = Pattern.compile("\\+[0-9][0-9 ]{5,30}");
    private static final Pattern MAIL = Pattern.compile("[^@\\s<>,;]{1,64}@[^@\\s<>,;]+\\.[^@\\s<>,;.]{2,20}");

    static Consent read(String channel, String address) {
        String typed = Entered.words("address", address, LONGEST);
        return switch (channel) {
            case "NONE" -> new Consent(channel, "");
            case "TEXT" ->
                new Consent(channel, fitting(typed, NUMBER, "a number with + and the country, +43 660 1234567"));
            case "MAIL" -> new Consent(channel, fitting(typed, MAIL, "a mail address"));
            default -> throw new FormProblem("channel", "Found '" + channel + "', allowed: none, text or mail.");
        };
    }

    private static String fitting(String typed, Pattern pattern, String allowed) {
        if (!pattern.matcher(typed).matches()) {
            throw new FormProblem("address", "Found '" + typed + "', allowed: " + allowed + ".");
        }
        return typed;
    }
}
