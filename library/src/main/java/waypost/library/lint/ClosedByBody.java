package waypost.library.lint;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Besides;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;

/**
 * When each role is closed in each protocol for what its file does not say: open by the words alone, closed by what doing it
 * asks of the body. In a course that goes to plan, while nothing is answered but the decisive questions, each the first way.
 */
final class ClosedByBody {

    /** Days on which a role is closed, the last one not among them; closed for good where there is none. */
    private record Closed(RoleKey role, String protocol, CourseDay from, String until) {

        String said() {
            return protocol + " " + from + until;
        }
    }

    private final List<Closed> all;

    private ClosedByBody(List<Closed> all) {
        this.all = all;
    }

    static ClosedByBody in(Bundle bundle) {
        List<Activity> byWords =
                bundle.activities().stream().map(ClosedByBody::byWords).toList();
        return new ClosedByBody(bundle.protocols().stream()
                .flatMap(protocol -> in(protocol, bundle, byWords))
                .toList());
    }

    private static Activity byWords(Activity activity) {
        return activity instanceof Activity.Exercise exercise
                ? exercise.with(exercise.roles().stream()
                        .map(role -> role.asking(Besides.NOTHING))
                        .toList())
                : activity;
    }

    private static Stream<Closed> in(Protocol protocol, Bundle bundle, List<Activity> byWords) {
        Answers answers = AnswerSets.making(Condition.ALWAYS, protocol).get(0);
        NormalHealing body = NormalHealing.of(protocol, answers, bundle);
        NormalHealing words = NormalHealing.of(protocol, answers, bundle, byWords);
        return bundle.activities().stream()
                .flatMap(activity -> activity.roles().stream())
                .flatMap(role -> closed(role, protocol, body, words).stream());
    }

    private static List<Closed> closed(Role role, Protocol protocol, NormalHealing body, NormalHealing words) {
        List<Closed> closed = new ArrayList<>();
        CourseDay since = null;
        for (CourseDay day : body.days()) {
            boolean shut = !body.verdict(role.key(), day).kind().isOpen()
                    && words.verdict(role.key(), day).kind().isOpen();
            if (shut && since == null) {
                since = day;
            } else if (!shut && since != null) {
                closed.add(new Closed(role.key(), protocol.id(), since, " to " + day));
                since = null;
            }
        }
        if (since != null) {
            closed.add(new Closed(role.key(), protocol.id(), since, " and after"));
        }
        return closed;
    }

    /** In which protocols a role is so closed, and when. */
    List<String> of(RoleKey role) {
        return all.stream()
                .filter(closed -> closed.role().equals(role))
                .map(Closed::said)
                .toList();
    }
}
