package waypost.core.gate;

import java.util.List;
import waypost.core.exercise.Role;
import waypost.core.limit.Allowed;
import waypost.core.reason.Reason;
import waypost.core.resolved.InForce;
import waypost.core.time.Steps;

/** The limits of a course on the day of some facts. */
record LimitsOnDay(LimitsInForce limits, Facts facts) {

    /** Whether the demand at this place of the role stays within what the limit at {@code rank} allows today. */
    boolean respected(int rank, Role role, int at) {
        return limits.at(rank).respected(role, at, facts.day(), facts.met());
    }

    /** The role cut down to what that limit allows today, in every way in which it can be. */
    List<Role> reductions(int rank, Role role, int at) {
        return limits.at(rank).reductions(role, at, facts.day(), facts.met());
    }

    /** What is said of a check that does not hold today. */
    Reason objection(Check check, Role role, boolean reducible) {
        return exceeded(limits.at(check.rank()), check, role, reducible);
    }

    private <T> Reason exceeded(InForce<T> limit, Check check, Role role, boolean reducible) {
        Steps.Current<Allowed<T>> step =
                limit.steps().on(facts.day(), facts.met()).orElseThrow();
        return new Reason.Exceeded<>(
                limit.from(),
                limit.limit(),
                role.demands().get(check.at()),
                step.value(),
                step.until(),
                step.orOnceMet(),
                reducible,
                check.setUp());
    }
}
