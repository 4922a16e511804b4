package waypost.library.plain;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * One sentence to a patient, as it is looked through: not long, and without words of the trade.
 *
 * @param words in lower case
 */
public record PlainSentence(String text, List<String> words) {

    /** More words than this are not taken in at once. */
    public static final int MOST_WORDS = 20;

    private static final Pattern WORD = Pattern.compile("\\p{L}+");
    /** A point after a number ends nothing: "Dienstag, 6. Mai". */
    private static final Pattern END = Pattern.compile("(?<=[\\p{L})][.!?])\\s+");

    /** The sentences of a text. */
    public static Stream<PlainSentence> of(String text, Locale language) {
        return END.splitAsStream(text)
                .map(sentence -> new PlainSentence(
                        sentence,
                        WORD.matcher(sentence.toLowerCase(language))
                                .results()
                                .map(MatchResult::group)
                                .toList()));
    }

    /** What is wrong with it, in words to who wrote it; empty when nothing is. */
    public Stream<String> faults(PlainText language) {
        Set<String> technical = language.technical();
        Stream<String> tooLong = words.size() > MOST_WORDS
                ? Stream.of("found " + words.size() + " words, allowed: " + MOST_WORDS + " at most")
                : Stream.empty();
        return Stream.concat(
                tooLong,
                words.stream().filter(technical::contains).map(word -> "found '" + word + "', a word of the trade"));
    }
}
