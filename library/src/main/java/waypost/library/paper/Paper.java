package waypost.library.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import waypost.core.paper.PaperRule;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.SourceText;
import waypost.library.desk.Desk;
import waypost.library.desk.DeskParts;
import waypost.library.desk.OwnFiles;
import waypost.library.desk.TextChange;

/**
 * A surgeon's paper over a protocol that ships: all of the protocol's rules hold, and those of the paper besides. The
 * stricter of two governs; what the paper's lines would loosen stays as the protocol has it, unless the protocol itself was
 * written anew on the desk.
 *
 * @param id of the protocol that it becomes: lower case letters, digits, dots and dashes, beginning with "own."
 * @param title by which it is chosen on a referral
 * @param base id of the protocol that it stands on
 * @param own what was written in that protocol's place on the desk
 */
public record Paper(String id, String title, String base, List<PaperRule> rules, OwnFiles own) {

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

    /** A paper over a protocol as it ships. */
    public Paper(String id, String title, String base, List<PaperRule> rules) {
        this(id, title, base, rules, OwnFiles.NONE);
    }

    /** What its lines say over another protocol; what was written on the desk belongs to this one and stays behind. */
    public Paper on(String other) {
        return new Paper(id, title, other, rules);
    }

    /** The protocol that it stands on as it lies on the desk. */
    public Desk desk(DeskParts parts, Bundle shipped) {
        return Desk.of(parts, standingOn(own.protocol().orElseGet(() -> text(shipped))), own);
    }

    /** The same desk under this paper's id and title, whatever its text says. */
    public Desk named(Desk desk) {
        String text = desk.text("");
        String named = standingOn(text);
        return named.equals(text) ? desk : desk.withText("", named);
    }

    /**
     * What ships otherwise, in the files that were taken over, than when they were.
     *
     * @param then text of a file at that time, by its name; blank where there was none
     * @param now text of the same as it ships
     */
    public List<TextChange> shippedSince(UnaryOperator<String> then, UnaryOperator<String> now) {
        List<TextChange> changes = new ArrayList<>();
        own.protocol()
                .ifPresent(text -> changes.addAll(TextChange.between(
                        "", then.apply(file("protocols", base)), now.apply(file("protocols", base)))));
        own.shippedParts()
                .forEach(part -> changes.addAll(
                        TextChange.between(part, then.apply(file("parts", part)), now.apply(file("parts", part)))));
        return changes;
    }

    private static String file(String folder, String id) {
        return folder + "/" + id + ".yaml";
    }

    /** The lines of the paper as files that add to the protocol; none where there is nothing to settle them by. */
    public List<SourceText> supplements(Bundle shipped) {
        return limits(shipped).yaml().isEmpty()
                ? List.of()
                : List.of(new SourceText("papers/" + id + ".yaml", yaml(shipped)));
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
        sources.add(
                new SourceText(file("protocols", id), standingOn(own.protocol().orElseGet(() -> text(shipped)))));
        own.parts().forEach((part, text) -> sources.add(new SourceText(file("parts", part), text)));
        own.measures().ifPresent(text -> sources.add(new SourceText(file("measures", id), text)));
        sources.addAll(supplements(shipped));
        return Bundle.read(sources);
    }

    private String text(Bundle shipped) {
        return shipped.sources().stream()
                .filter(source -> source.file().equals(file("protocols", base)))
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
