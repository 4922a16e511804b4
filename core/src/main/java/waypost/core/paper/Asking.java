package waypost.core.paper;

import java.util.Map;
import java.util.Optional;

/** Answers that were given, and the first question that waits for one. */
final class Asking {

    private final Map<String, String> answers;
    private Optional<PaperQuestion> open = Optional.empty();

    Asking(Map<String, String> answers) {
        this.answers = Map.copyOf(answers);
    }

    /** The answer's id; empty when it has to be asked first. */
    Optional<String> answer(PaperQuestion question) {
        Optional<String> given = Optional.ofNullable(answers.get(question.id()))
                .filter(id -> question.choices().stream()
                        .anyMatch(choice -> choice.id().equals(id)));
        if (given.isEmpty() && open.isEmpty()) {
            open = Optional.of(question);
        }
        return given;
    }

    Optional<PaperQuestion> open() {
        return open;
    }
}
