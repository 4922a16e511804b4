package waypost.core.paper;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import waypost.core.body.Joint;

/** Writes a line out: small letters, signs as words, no abbreviation, slips of a letter mended and named. */
final class PaperText {

    private static final String THEN = "\u2192";
    private static final int LONG_ENOUGH_TO_MEND = 5;
    private static final Map<String, String> NUMBERS = Map.ofEntries(
            Map.entry("zero", "0"),
            Map.entry("one", "1"),
            Map.entry("two", "2"),
            Map.entry("three", "3"),
            Map.entry("four", "4"),
            Map.entry("five", "5"),
            Map.entry("six", "6"),
            Map.entry("seven", "7"),
            Map.entry("eight", "8"),
            Map.entry("nine", "9"),
            Map.entry("ten", "10"),
            Map.entry("twelve", "12"));

    /**
     * A part of a line.
     *
     * @param follows whether it says that it follows upon the one before
     */
    record Clause(String text, boolean follows) {}

    private final Lexicon lexicon;
    private final String own;
    private final List<String> spelling = new ArrayList<>();

    /** @param joint which joint the paper is about: it need not be named */
    PaperText(Lexicon lexicon, Joint joint) {
        this.lexicon = lexicon;
        this.own = joint.name().toLowerCase(Locale.ROOT);
    }

    /** What was read as something else: "slign as sling". */
    List<String> spelling() {
        return List.copyOf(spelling);
    }

    /** The clauses of a line, each written out; one without words is left out. */
    List<Clause> clauses(String line) {
        String marked = signs(line).replaceAll("[;, ]*\\b(?:and then|then|followed by)\\b", "," + THEN);
        return Arrays.stream(marked.split("[;,]"))
                .map(part -> new Clause(writtenOut(part.replace(THEN, "")), part.startsWith(THEN)))
                .filter(clause -> !clause.text().isEmpty())
                .toList();
    }

    private static String signs(String line) {
        return line.toLowerCase(Locale.ROOT)
                .replaceAll("[\\u2010-\\u2015\\u2212]", "-")
                .replaceAll("(\\d)\\s*(?:\\u00b0|\\u00ba|degrees?\\b|degs?\\b\\.?)", "$1 ")
                .replaceAll("[≥]|>=", " at least ")
                .replaceAll("[≤]|<=", " at most ")
                .replace(">", " over ")
                .replace("<", " under ")
                .replace("%", " percent ")
                .replace("@", " at ")
                .replace("#", " ")
                .replace("&", " and ")
                .replaceAll("[×*]", " x ")
                .replaceAll("\\bx\\s*(?=\\d)", " for ")
                .replaceAll("(\\d)\\s*-\\s*(\\d)", "$1 to $2")
                .replaceAll("(\\d)(?=[a-z])", "$1 ")
                .replaceAll("(?<=[a-z])\\.(?=\\s|$)", " ")
                .replaceAll("[():\"'!]", " ")
                .replaceAll("\\.\\s*$", "")
                .replaceAll("(?<![0-9])-|-(?![0-9])", " ")
                .replaceAll("\\s+", " ")
                .strip();
    }

    private String writtenOut(String clause) {
        List<String> out = new ArrayList<>();
        List<String> tokens = Arrays.stream(clause.strip().split(" "))
                .filter(token -> !token.isEmpty())
                .map(token -> NUMBERS.getOrDefault(token, token))
                .map(this::mended)
                .toList();
        for (int at = 0; at < tokens.size(); ) {
            at = next(tokens, at, out);
        }
        return String.join(" ", out).strip();
    }

    /** Writes out what stands at a place, the longest short form first; the place behind it. */
    private int next(List<String> tokens, int at, List<String> out) {
        for (List<String> form : lexicon.forms(tokens.get(at))) {
            int end = at + form.size();
            if (end <= tokens.size() && tokens.subList(at, end).equals(form)) {
                String said = String.join(" ", form);
                out.add(lexicon.writtenOut(said));
                return end;
            }
        }
        String token = tokens.get(at);
        if (!lexicon.isFiller(token) && !token.equals(own)) {
            out.add(token);
        }
        return at + 1;
    }

    /** A long word that is one slip away from just one that is known. */
    private String mended(String word) {
        if (lexicon.words().contains(word)
                || word.length() < LONG_ENOUGH_TO_MEND
                || !word.chars().allMatch(Character::isLetter)) {
            return word;
        }
        List<String> near = lexicon.words().stream()
                .filter(known -> isOneSlipAway(word, known))
                .toList();
        if (near.size() != 1) {
            return word;
        }
        spelling.add(word + " as " + near.get(0));
        return near.get(0);
    }

    /** One letter left out, put in, taken for another, or two changed over; never the first. */
    private static boolean isOneSlipAway(String word, String known) {
        if (Math.abs(word.length() - known.length()) > 1
                || known.length() < LONG_ENOUGH_TO_MEND
                || word.charAt(0) != known.charAt(0)) {
            return false;
        }
        int at = 0;
        while (at < Math.min(word.length(), known.length()) && word.charAt(at) == known.charAt(at)) {
            at++;
        }
        String left = word.substring(at);
        String right = known.substring(at);
        return left.equals(rest(right, 1))
                || rest(left, 1).equals(right)
                || rest(left, 1).equals(rest(right, 1))
                || (left.length() > 1
                        && right.length() > 1
                        && left.charAt(0) == right.charAt(1)
                        && left.charAt(1) == right.charAt(0)
                        && rest(left, 2).equals(rest(right, 2)));
    }

    private static String rest(String text, int from) {
        return from <= text.length() ? text.substring(from) : "\0";
    }
}
