package waypost.core.paper;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/** A vocabulary made ready for looking words up: short forms by their first word, the longest first. */
final class Lexicon {

    private final Vocabulary vocabulary;
    private final Set<String> words;
    private final Map<String, List<List<String>>> forms = new HashMap<>();

    Lexicon(Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
        this.words = vocabulary.words();
        Stream.concat(vocabulary.abbreviations().keySet().stream(), vocabulary.phrases())
                .distinct()
                .map(form -> List.of(form.split(" ")))
                .sorted(Comparator.comparingInt((List<String> form) -> form.size())
                        .reversed())
                .forEach(form -> forms.computeIfAbsent(form.get(0), first -> new ArrayList<>())
                        .add(form));
    }

    /** Every word that is known. */
    Set<String> words() {
        return words;
    }

    boolean isFiller(String word) {
        return vocabulary.fillers().contains(word);
    }

    /** What begins with a word, the longest first. */
    List<List<String>> forms(String first) {
        return forms.getOrDefault(first, List.of());
    }

    /** What a form stands for; itself where it is no abbreviation. */
    String writtenOut(String form) {
        return vocabulary.abbreviations().getOrDefault(form, form);
    }
}
