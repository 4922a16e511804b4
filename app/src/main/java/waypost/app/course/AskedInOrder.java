package waypost.app.course;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.QuestionOrder;
import waypost.core.log.Evidence;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Question;
import waypost.core.resolved.Resolver;
import waypost.library.bundle.Bundle;

/** A protocol's questions in the order in which a referral asks them, worked out once for each version. */
@Component
class AskedInOrder {

    private record Version(String bundle, String protocol) {}

    /** What an answer opens does not hang on the date. */
    private static final LocalDate ANY = LocalDate.of(2031, 2, 10);

    private final Map<Version, List<Question>> orders = new ConcurrentHashMap<>();

    List<Question> of(Protocol protocol, Bundle bundle) {
        return orders.computeIfAbsent(new Version(bundle.hash(), protocol.id()), version -> order(protocol, bundle));
    }

    private static List<Question> order(Protocol protocol, Bundle bundle) {
        return QuestionOrder.of(Course.of(
                Resolver.resolve(protocol, Answers.NONE, ANY),
                bundle.activities(),
                bundle.measures(),
                History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of())));
    }
}
