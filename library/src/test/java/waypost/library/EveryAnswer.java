package waypost.library;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
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
                    .flatMap(set -> values(question, set).map(value -> set.with(question.id(), value)))
                    .toList();
        }
        return sets;
    }

    /** Every full set of findings; of the schools the last value of each, which opens earliest. */
    static List<Answers> ofFindings(Protocol protocol) {
        return to(protocol).stream()
                .filter(answers -> protocol.questions().stream()
                        .filter(Question::isSchool)
                        .allMatch(school -> answers.stated()
                                .get(school.id())
                                .contains(
                                        school.valueIds().get(school.valueIds().size() - 1))))
                .toList();
    }

    /** A question that is not asked under the answers before it changes nothing: one value stands for all. */
    private static Stream<String> values(Question question, Answers before) {
        boolean asked = question.asked().canHold(id -> before.stated().getOrDefault(id, Set.of()));
        return question.inside().stream().limit(asked ? question.inside().size() : 1);
    }
}
