package waypost.library.bundle;

import java.util.Optional;
import waypost.core.question.Condition;
import waypost.core.question.Question;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Reads a question of the operation note or a school. */
final class QuestionReader {

    private QuestionReader() {}

    static Question question(Entry entry) {
        Question question = new Question(
                entry.text("id"),
                entry.text("ask"),
                entry.list(
                        "values",
                        value -> new Question.Value(value.text("id"), value.text("title"), isTrue(value, "outside"))),
                kind(entry),
                Condition.ALWAYS,
                entry.find("usual").map(Entry::text),
                entry.find("when-unknown").map(Entry::text));
        Optional<String> unknown =
                question.usual().filter(id -> !question.valueIds().contains(id));
        unknown.ifPresent(id -> entry.at("usual").problem(Suggestion.oneOf(id, question.valueIds())));
        return question;
    }

    private static Question.Kind kind(Entry entry) {
        boolean school = isTrue(entry, "school");
        boolean decisive = isTrue(entry, "decisive");
        if (school && decisive) {
            throw new IllegalArgumentException("found both 'school' and 'decisive', allowed: one of them");
        }
        if (school) {
            return Question.Kind.SCHOOL;
        }
        return decisive ? Question.Kind.DECISIVE : Question.Kind.FINDING;
    }

    private static boolean isTrue(Entry entry, String key) {
        return entry.maybe(key, Boolean::parseBoolean).orElse(false);
    }
}
