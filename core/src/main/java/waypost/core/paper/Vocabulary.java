package waypost.core.paper;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The words of the trade as a bundle knows them.
 *
 * @param abbreviations written short, by what they stand for; keys and values are words with single blanks
 * @param pursuits what a surgeon opens or bars by one name, by the exercises that it is
 * @param conditions what has to be there, by the milestone that says so
 * @param worn what is worn
 * @param manners how it is worn, by how that is said
 * @param told what is told only
 * @param fillers words that change nothing
 */
public record Vocabulary(
        Map<String, String> abbreviations,
        Map<String, List<String>> pursuits,
        Map<String, String> conditions,
        Set<String> worn,
        Map<String, String> manners,
        Set<String> told,
        Set<String> fillers) {

    public Vocabulary {
        abbreviations = Map.copyOf(abbreviations);
        pursuits = Map.copyOf(pursuits);
        conditions = Map.copyOf(conditions);
        worn = Set.copyOf(worn);
        manners = Map.copyOf(manners);
        told = Set.copyOf(told);
        fillers = Set.copyOf(fillers);
    }

    /** What is called by more than one word, which no abbreviation may tear apart. */
    Stream<String> phrases() {
        return Stream.of(
                        pursuits.keySet(),
                        conditions.keySet(),
                        worn,
                        manners.keySet(),
                        told,
                        Set.copyOf(abbreviations.values()))
                .flatMap(Set::stream)
                .filter(phrase -> phrase.contains(" ") && !abbreviations.containsKey(phrase));
    }

    /** Every single word that it knows. */
    Set<String> words() {
        Set<String> words = new HashSet<>(Grammar.WORDS);
        List.of(
                        abbreviations.keySet(),
                        Set.copyOf(abbreviations.values()),
                        pursuits.keySet(),
                        conditions.keySet(),
                        worn,
                        manners.keySet(),
                        told,
                        fillers)
                .forEach(phrases -> phrases.forEach(phrase -> words.addAll(List.of(phrase.split(" ")))));
        return words;
    }
}
