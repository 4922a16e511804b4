package waypost.library.words;

import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * What a clinic calls its bands, the lightest first. Protocols count steps; the name says which one to take off the hook.
 *
 * @param names at most 12; empty while the clinic has not said
 */
public record BandNames(List<String> names) {

    private static final Pattern STEP = Pattern.compile("\\bband (\\d{1,2})\\b");

    public BandNames {
        names = List.copyOf(names);
    }

    /** A sentence with the clinic's names behind the steps: "at most band 2 (moss)". */
    public String in(String said) {
        return STEP.matcher(said).replaceAll(this::named);
    }

    private String named(MatchResult step) {
        int number = Integer.parseInt(step.group(1));
        return number >= 1 && number <= names.size()
                ? java.util.regex.Matcher.quoteReplacement(step.group() + " (" + names.get(number - 1) + ")")
                : step.group();
    }
}
