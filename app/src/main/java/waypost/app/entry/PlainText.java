package waypost.app.entry;

import java.util.Optional;

/** What counts as text: what a page can show, a sheet can print and the database can hold. */
public final class PlainText {

    private PlainText() {}

    /** What is wrong with a text, in words; nothing where it can be taken. */
    public static Optional<String> problem(String text, int longest) {
        if (text.length() > longest) {
            return Optional.of(
                    "Found " + text.length() + " characters in one field, allowed: at most " + longest + ".");
        }
        return text.codePoints().allMatch(PlainText::isPlain)
                ? Optional.empty()
                : Optional.of("Found a control character or a broken letter, allowed: text.");
    }

    private static boolean isPlain(int letter) {
        return switch (Character.getType(letter)) {
            case Character.CONTROL -> letter == '\n' || letter == '\r' || letter == '\t';
            case Character.SURROGATE, Character.UNASSIGNED -> false;
            default -> true;
        };
    }
}
