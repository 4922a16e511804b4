package waypost.core.resolved;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import waypost.core.body.Region;
import waypost.core.exercise.RoleKey;
import waypost.core.limit.Allowed;
import waypost.core.limit.Provenance;
import waypost.core.log.Decisions;
import waypost.core.protocol.Duty;
import waypost.core.protocol.FollowUp;
import waypost.core.protocol.PainRule;
import waypost.core.protocol.Protocol;
import waypost.core.protocol.SetUp;
import waypost.core.question.Answers;
import waypost.core.question.Question;
import waypost.core.time.Clocks;
import waypost.core.time.CourseDay;
import waypost.core.time.Steps;
import waypost.core.time.Window;

/** A protocol merged with one course's answers, clocks, orders and narrowings: the rules in force. */
public record Resolved(
        Protocol protocol,
        Answers answers,
        Clocks clocks,
        Decisions decisions,
        Region region,
        List<InForce<?>> limits,
        Map<RoleKey, OpeningInForce> openings,
        List<DutyInForce> duties,
        List<SetUpInForce> setUps,
        Optional<PainInForce> pain) {

    /**
     * A duty with where it comes from.
     *
     * @param start day 0 of its clock
     * @param unclear whether it conflicts with another under answers that are not known
     * @param ended windows in which an order ends it
     */
    public record DutyInForce(Duty duty, Provenance from, LocalDate start, boolean unclear, List<Window> ended) {
        public DutyInForce {
            ended = List.copyOf(ended);
        }

        public boolean bindsOn(CourseDay day) {
            return ended.stream().noneMatch(window -> window.contains(day));
        }
    }

    /** A set-up in course days; {@code unclear} when it conflicts with another under answers that are not known. */
    public record SetUpInForce(SetUp setUp, Steps<Allowed<String>> steps, Provenance from, boolean unclear) {}

    /** How much pain is acceptable, with where that comes from. */
    public record PainInForce(PainRule rule, Provenance from) {}

    public Resolved {
        limits = List.copyOf(limits);
        openings = Map.copyOf(openings);
        duties = List.copyOf(duties);
        setUps = List.copyOf(setUps);
    }

    public LocalDate dayZero() {
        return clocks.dayZero();
    }

    /** Questions of the operation note, and schools to be chosen, that are still unanswered: the screen asks. */
    public List<Question> unanswered() {
        return protocol.questions().stream()
                .filter(answers::leavesOpen)
                .filter(this::asks)
                .toList();
    }

    /** Whether a question is asked, after the other answers. */
    public boolean asks(Question question) {
        return question.asked().canHold(this::possible);
    }

    /** How this course is followed: what its answers rule out is neither due nor expected. */
    public FollowUp followUp() {
        return protocol.followUp().under(this::possible);
    }

    /** How an activity must be set up. */
    public List<SetUpInForce> setUpsOf(String activity) {
        List<SetUpInForce> those = new ArrayList<>(0);
        for (SetUpInForce each : setUps) {
            if (each.setUp().activities().contains(activity)) {
                those.add(each);
            }
        }
        return those;
    }

    private Set<String> possible(String question) {
        return answers.possible(protocol.question(question));
    }
}
