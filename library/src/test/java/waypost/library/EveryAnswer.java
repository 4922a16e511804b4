package waypost.library;

import java.util.List;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Question;

/** Every full set of answers to a protocol's questions. */
final class EveryAnswer {

    private EveryAnswer() {}

    static List<Answers> to(Protocol protocol) {
        List<Answers> sets = List.of(Answers.NONE);
        for (Question question : protocol.questions()) {
            sets = sets.stream()
                    .flatMap(set -> question.valueIds().stream().map(value -> set.with(question.id(), value)))
                    .toList();
        }
        return sets;
    }
}
