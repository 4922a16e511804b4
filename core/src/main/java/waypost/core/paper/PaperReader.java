package waypost.core.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import waypost.core.body.Joint;
import waypost.core.time.Moment;

/**
 * Reads lines of a surgeon's paper. A line is a rule only when every word of it is understood; what can be meant in more
 * than one way asks, one question at a time; all else stays as it is written.
 */
public final class PaperReader {

    /** Longer lines are no lines. */
    public static final int LONGEST_LINE = 300;

    private final Vocabulary vocabulary;
    private final Lexicon lexicon;
    private final Joint joint;

    /** @param joint which joint the paper is about */
    public PaperReader(Vocabulary vocabulary, Joint joint) {
        this.vocabulary = vocabulary;
        this.lexicon = new Lexicon(vocabulary);
        this.joint = joint;
    }

    /**
     * What a line says.
     *
     * @param answers by a question's id, what was answered so far
     */
    public Understanding read(String line, Map<String, String> answers) {
        if (line.length() > LONGEST_LINE) {
            return new Understanding.Unread("more than " + LONGEST_LINE + " characters");
        }
        PaperText text = new PaperText(lexicon, joint);
        Asking asking = new Asking(answers);
        List<PaperRule> rules = new ArrayList<>();
        List<PaperText.Clause> clauses = text.clauses(line);
        for (PaperText.Clause clause : clauses) {
            Optional<List<PaperRule>> read = clause(clause, rules, asking);
            if (asking.open().isPresent()) {
                return new Understanding.Asks(asking.open().get());
            }
            if (read.isEmpty()) {
                return new Understanding.Unread(clause.text());
            }
            rules.addAll(read.get());
        }
        return rules.isEmpty()
                ? new Understanding.Unread(line.strip())
                : new Understanding.Understood(rules, text.spelling());
    }

    private Optional<List<PaperRule>> clause(PaperText.Clause clause, List<PaperRule> before, Asking asking) {
        if (addsManner(clause.text(), before, asking)) {
            return Optional.of(List.of());
        }
        Timing timing = Timing.of(withItsName(clause.text(), before));
        return subject(timing.rest(), asking)
                .flatMap(subject -> new Resolving(vocabulary, subject, timing, asking)
                        .span(clause.follows() || isOfTheSame(subject, before) ? endOf(before) : Optional.empty())
                        .filter(Span::isForward)
                        .map(span -> subject.whats().stream()
                                .map(what -> new PaperRule(what, span))
                                .toList()));
    }

    /** "unlock 0 to 90" behind a brace is about that brace. */
    private static String withItsName(String clause, List<PaperRule> before) {
        boolean nameless = clause.matches("(?:unlocked|locked|open) .*");
        return nameless && !before.isEmpty() && before.get(before.size() - 1).what() instanceof What.Worn worn
                ? worn.what() + " " + clause
                : clause;
    }

    private static boolean isOfTheSame(Subject subject, List<PaperRule> before) {
        return !before.isEmpty()
                && subject.whats().stream()
                        .anyMatch(what -> what.subject()
                                .equals(before.get(before.size() - 1).what().subject()));
    }

    private Optional<Subject> subject(String rest, Asking asking) {
        return WeightSubjects.of(rest, joint.limb(), asking)
                .or(() -> asking.open().isPresent() ? Optional.empty() : new MotionSubjects(joint, asking).of(rest))
                .or(() ->
                        asking.open().isPresent() ? Optional.empty() : new NamedSubjects(vocabulary, asking).of(rest));
    }

    /** "out for hygiene" behind a comma belongs to what is worn before it. */
    private boolean addsManner(String clause, List<PaperRule> before, Asking asking) {
        if (before.isEmpty() || !(before.get(before.size() - 1).what() instanceof What.Worn worn)) {
            return false;
        }
        Optional<List<String>> manners = vocabulary.manners().containsKey(clause)
                ? new NamedSubjects(vocabulary, asking).manners(clause)
                : Optional.empty();
        manners.ifPresent(how -> {
            List<String> all = new ArrayList<>(worn.how());
            all.addAll(how);
            PaperRule last = before.remove(before.size() - 1);
            before.add(new PaperRule(new What.Worn(worn.what(), all), last.span()));
        });
        return manners.isPresent();
    }

    /** Where what was said before ends: there what follows it begins. */
    private static Optional<Moment> endOf(List<PaperRule> before) {
        return before.isEmpty()
                ? Optional.empty()
                : before.get(before.size() - 1).span().until();
    }
}
