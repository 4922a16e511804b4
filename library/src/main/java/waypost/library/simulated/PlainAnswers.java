package waypost.library.simulated;

import java.util.Set;
import java.util.stream.Collectors;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Question;

/** Answers of a made-up patient about whom nothing out of the ordinary was found. */
public final class PlainAnswers {

    private PlainAnswers() {}

    /** Every finding as plain as it can be: "none", "no", or the first value. */
    public static Answers of(Protocol protocol) {
        return new Answers(protocol.questions().stream()
                .filter(question -> question.kind() != Question.Kind.SCHOOL
                        || question.usual().isEmpty())
                .collect(Collectors.toMap(Question::id, question -> Set.of(plain(question)))));
    }

    private static String plain(Question question) {
        return question.inside().stream()
                .filter(value -> value.equals("none") || value.equals("no"))
                .findFirst()
                .orElseGet(() -> question.inside().get(0));
    }
}
