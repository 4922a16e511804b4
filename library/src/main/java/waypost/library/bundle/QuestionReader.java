package waypost.library.bundle;

import java.util.Optional;
import waypost.core.question.Question;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Reads a question of the operation note or a school. */
final class QuestionReader {

    private QuestionReader() {}

    static Question question(Entry entry) {
        boolean school = entry.maybe("school", Boolean::parseBoolean).orElse(false);
        Question question = new Question(
                entry.text("id"),
                entry.text("ask"),
                entry.list("values", value -> new Question.Value(value.text("id"), value.text("title"))),
                school ? Question.Kind.SCHOOL : Question.Kind.FINDING,
                entry.find("usual").map(Entry::text),
                entry.find("when-unknown").map(Entry::text));
        Optional<String> unknown =
                question.usual().filter(id -> !question.valueIds().contains(id));
        unknown.ifPresent(id -> entry.at("usual").problem(Suggestion.oneOf(id, question.valueIds())));
        return question;
    }
}
