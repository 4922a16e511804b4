package waypost.core.paper;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What has a name: exercises and doings, slings and braces, and what is only told. */
record NamedSubjects(Vocabulary vocabulary, Asking asking) {

    private static final List<String> BEGINNINGS = List.of("start ", "begin ", "may ", "progress to ", "ok for ");
    private static final List<String> ENDINGS = List.of("discontinue ", "wean ", "off ");

    Optional<Subject> of(String rest) {
        return worn(rest).or(() -> pursuit(rest)).or(() -> told(rest));
    }

    /** "start jogging", "no jogging", "jogging". */
    private Optional<Subject> pursuit(String rest) {
        boolean barred = rest.startsWith("no ");
        String name = barred ? rest.substring(3) : without(rest, BEGINNINGS);
        return Optional.ofNullable(vocabulary.pursuits().get(name))
                .map(exercises -> new Subject(
                        List.of(new What.Barred(name, exercises)), barred ? Subject.How.HOLDS : Subject.How.BEGINS));
    }

    /** "sling", "brace locked in extension", "discontinue sling", "sling off". */
    private Optional<Subject> worn(String rest) {
        String name = without(rest, ENDINGS);
        boolean over = !name.equals(rest);
        if (name.endsWith(" off")) {
            name = name.substring(0, name.length() - " off".length());
            over = true;
        }
        String from = name;
        boolean ends = over;
        return longest(vocabulary.worn(), from)
                .flatMap(what -> manners(from.substring(what.length()).strip())
                        .filter(how -> !ends || how.isEmpty())
                        .map(how -> new Subject(
                                List.of(new What.Worn(what, how)), ends ? Subject.How.STOPS : Subject.How.HOLDS)));
    }

    /** How it is worn, every word of it; empty when a word is not known. */
    Optional<List<String>> manners(String said) {
        List<String> how = new ArrayList<>();
        String left = said;
        while (!left.isEmpty()) {
            Optional<String> manner = longest(vocabulary.manners().keySet(), left);
            if (manner.isEmpty()) {
                return opened(left).map(arc -> List.of(arc));
            }
            how.add(vocabulary.manners().get(manner.get()));
            left = left.substring(manner.get().length()).strip();
        }
        return Optional.of(how);
    }

    private static Optional<String> opened(String said) {
        return said.matches("(?:unlocked |open |locked )?(?:from )?\\d{1,3} to \\d{1,3}")
                ? Optional.of("open from " + said.replaceAll("[a-z ]*?(\\d.*)", "$1"))
                : Optional.empty();
    }

    private Optional<Subject> told(String rest) {
        String name = without(rest, ENDINGS);
        return vocabulary.told().contains(name)
                ? Optional.of(new Subject(
                        List.of(new What.Told(name)), name.equals(rest) ? Subject.How.HOLDS : Subject.How.STOPS))
                : Optional.empty();
    }

    private static Optional<String> longest(Collection<String> phrases, String text) {
        return phrases.stream()
                .filter(phrase -> text.equals(phrase) || text.startsWith(phrase + " "))
                .max(Comparator.comparingInt(String::length));
    }

    private static String without(String text, List<String> beginnings) {
        return beginnings.stream()
                .filter(text::startsWith)
                .findFirst()
                .map(beginning -> text.substring(beginning.length()))
                .orElse(text);
    }
}
