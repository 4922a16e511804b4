package waypost.library.words;

/**
 * A reason in words.
 *
 * @param sentence what was found and what is allowed, with the numbers on both sides
 * @param change the date or reading that would change it; empty when none is known
 * @param source the rule and where it comes from
 */
public record Said(String sentence, String change, String source) {

    public String whole() {
        return sentence + (change.isEmpty() ? "" : " " + change);
    }
}
