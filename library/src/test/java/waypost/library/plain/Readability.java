package waypost.library.plain;

import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/**
 * How hard sentences are to read, as a grade of school. Syllables are counted as groups of vowels, in English without a
 * mute e at the end.
 */
record Readability(int sentences, List<String> words, Locale language) {

    private static final Pattern VOWELS = Pattern.compile("[aeiouyäöü]+");
    private static final int LONG_LETTERS = 6;
    private static final int MANY_SYLLABLES = 3;

    static Readability of(List<String> texts, Locale language) {
        List<PlainSentence> sentences =
                texts.stream().flatMap(text -> PlainSentence.of(text, language)).toList();
        return new Readability(
                sentences.size(),
                sentences.stream()
                        .flatMap(sentence -> sentence.words().stream())
                        .toList(),
                language);
    }

    double grade() {
        return language.equals(Locale.GERMAN) ? vienna() : fleschKincaid();
    }

    /** Flesch-Kincaid grade level (Kincaid et al. 1975, from memory). */
    private double fleschKincaid() {
        double syllables = words.stream().mapToInt(this::syllables).sum();
        return 0.39 * words.size() / sentences + 11.8 * syllables / words.size() - 15.59;
    }

    /** First Vienna formula for factual texts (Bamberger and Vanecek 1984, from memory). */
    private double vienna() {
        double manySyllables = percent(word -> syllables(word) >= MANY_SYLLABLES);
        double oneSyllable = percent(word -> syllables(word) == 1);
        double longer = percent(word -> word.length() > LONG_LETTERS);
        double perSentence = (double) words.size() / sentences;
        return 0.1935 * manySyllables + 0.1672 * perSentence + 0.1297 * longer - 0.0327 * oneSyllable - 0.875;
    }

    private double percent(Predicate<String> which) {
        return 100.0 * words.stream().filter(which).count() / words.size();
    }

    private int syllables(String word) {
        String spoken = word;
        if (language.equals(Locale.ENGLISH) && spoken.length() > 2 && !spoken.endsWith("le")) {
            spoken = spoken.replaceAll("(?<=[^aeiouy])e$|(?<=[^aeiouytd])ed$", "");
        }
        return Math.max(1, (int) VOWELS.matcher(spoken).results().count());
    }
}
