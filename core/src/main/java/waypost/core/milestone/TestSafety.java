package waypost.core.milestone;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.DayGate;
import waypost.core.measure.Measure;

/** Knows which test feeds which measure, and whether the gate lets it be done: tests are gated like exercises. */
public record TestSafety(DayGate gate, List<Activity.Test> tests) {

    public static TestSafety of(DayGate gate, Collection<Activity> activities) {
        List<Activity.Test> tests = activities.stream()
                .filter(Activity.Test.class::isInstance)
                .map(Activity.Test.class::cast)
                .toList();
        return new TestSafety(gate, tests);
    }

    /** The milestone as it is, or "test not safe yet" when it lacks a valid reading that may not be taken today. */
    public Milestone checked(Milestone milestone) {
        boolean lacksReading =
                milestone.state() == MilestoneState.MISSING || milestone.state() == MilestoneState.OUT_OF_DATE;
        Optional<RoleKey> closed = lacksReading
                ? milestone
                        .criterion()
                        .measures()
                        .flatMap(m -> closedTestOf(m).stream())
                        .findFirst()
                : Optional.empty();
        return closed.map(role -> milestone.notSafeBefore(gate.opensByTime(role)))
                .orElse(milestone);
    }

    private Optional<RoleKey> closedTestOf(Measure measure) {
        return tests.stream()
                .filter(test -> test.measure().equals(measure.id()))
                .map(test -> test.roles().get(0).key())
                .filter(role -> !gate.judge(role).kind().isOpen())
                .findFirst();
    }
}
