package waypost.core.resolved;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import waypost.core.exercise.RoleKey;
import waypost.core.protocol.Duty;
import waypost.core.protocol.Protocol;
import waypost.core.protocol.Provenance;
import waypost.core.question.Answers;
import waypost.core.question.Question;

/** A protocol merged with one course's answers and day 0: the rules in force. */
public record Resolved(
        Protocol protocol,
        Answers answers,
        LocalDate dayZero,
        List<InForce<?>> limits,
        Map<RoleKey, OpeningInForce> openings,
        List<DutyInForce> duties) {

    /** A duty with where it comes from. */
    public record DutyInForce(Duty duty, Provenance from) {}

    public Resolved {
        limits = List.copyOf(limits);
        openings = Map.copyOf(openings);
        duties = List.copyOf(duties);
    }

    /** Questions of the operation note that are still unanswered: the screen asks. */
    public List<Question> unanswered() {
        return protocol.questions().stream().filter(answers::leavesOpen).toList();
    }
}
