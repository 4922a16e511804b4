package waypost.library.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import waypost.core.paper.PaperRule;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.SourceText;

/**
 * A surgeon's paper over a protocol that ships: all of the protocol's rules hold, and those of the paper besides. The
 * stricter of two governs; what the paper would loosen stays as the protocol has it.
 *
 * @param id of the protocol that it becomes: lower case letters, digits, dots and dashes, beginning with "own."
 * @param title by which it is chosen on a referral
 * @param base id of the protocol that it stands on
 */
public record Paper(String id, String title, String base, List<PaperRule> rules) {

    private static final Pattern ID = Pattern.compile("own\\.[a-z0-9][a-z0-9.-]{0,60}");
    private static final int LONGEST_TITLE = 120;

    public Paper {
        rules = List.copyOf(rules);
        if (!ID.matcher(id).matches()) {
            throw new IllegalArgumentException("paper: found the id '" + id + "', allowed: own. and small letters");
        }
        if (title.isBlank() || title.length() > LONGEST_TITLE || title.chars().anyMatch(Character::isISOControl)) {
            throw new IllegalArgumentException(
                    "paper: found a title of " + title.length() + " characters, allowed: 1 to " + LONGEST_TITLE);
        }
    }

    /** What has to be settled before it is a protocol. */
    public List<String> problems(Bundle shipped) {
        return limits(shipped).problems();
    }

    private PaperLimits limits(Bundle shipped) {
        return PaperLimits.of(rules, new PaperSaid(shipped));
    }

    /** The limits and duties that it comes to, as the format has them. */
    public String yaml(Bundle shipped) {
        return "supplement: " + id + ".paper\nto: " + id + "\n"
                + limits(shipped).yaml();
    }

    /**
     * All of a bundle, with this as one more protocol.
     *
     * @throws waypost.library.text.RefusedException when it does not fit the format
     */
    public Bundle over(Bundle shipped) {
        List<SourceText> sources = new ArrayList<>(shipped.sources());
        sources.add(new SourceText("protocols/" + id + ".yaml", standingOn(text(shipped))));
        if (!limits(shipped).yaml().isEmpty()) {
            sources.add(new SourceText("papers/" + id + ".yaml", yaml(shipped)));
        }
        return Bundle.read(sources);
    }

    private String text(Bundle shipped) {
        return shipped.sources().stream()
                .filter(source -> source.file().equals("protocols/" + base + ".yaml"))
                .map(SourceText::text)
                .findFirst()
                .orElseThrow(() ->
                        new IllegalArgumentException("paper: found the base '" + base + "', allowed: one that ships"));
    }

    /** The protocol's text under this id and title; everything else as it is written. */
    private String standingOn(String text) {
        String named = text.replaceFirst("(?m)^protocol: .*$", "protocol: " + id);
        return named.replaceFirst(
                "(?m)^title: .*$",
                Matcher.quoteReplacement("title: \"" + title.replace("\\", "").replace("\"", "'") + "\""));
    }
}
