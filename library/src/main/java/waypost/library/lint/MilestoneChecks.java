package waypost.library.lint;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.exercise.Activity;
import waypost.core.measure.Measure;
import waypost.core.protocol.FollowUp;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.time.CourseDay;
import waypost.core.time.Moment;
import waypost.library.bundle.Bundle;

/** Milestones that no scheduled measure feeds, and milestones needed before their test is safe. */
record MilestoneChecks(Protocol protocol, Bundle bundle, Places places) {

    private static final LocalDate ANY = LocalDate.of(2031, 2, 10);

    Stream<Finding> findings() {
        return Stream.concat(notMeasured(), unsafe());
    }

    private Stream<Finding> notMeasured() {
        Set<String> scheduled = protocol.followUp().measuring().stream()
                .map(FollowUp.Measuring::measure)
                .collect(Collectors.toSet());
        return protocol.criteria().stream()
                .flatMap(criterion -> criterion
                        .measures()
                        .filter(measure -> !scheduled.contains(measure.id()))
                        .map(measure -> places.rule(
                                Check.NOT_MEASURED,
                                protocol.id(),
                                criterion.id(),
                                "no scheduled measuring of " + measure.id() + " feeds it",
                                "Add it under follow-up, measuring")));
    }

    private Stream<Finding> unsafe() {
        NormalHealing healing = NormalHealing.of(protocol, Answers.NONE, bundle);
        Stream<Finding> openings = protocol.openings().stream()
                .flatMap(opening -> opening.cases().stream()
                        .filter(written -> written.clock().isEmpty())
                        .flatMap(written -> written.needs().stream()
                                .flatMap(id ->
                                        unsafe(opening.role().toString(), id, wanted(written), healing).stream())));
        Stream<Finding> phases = protocol.phases().stream()
                .flatMap(phase -> protocol.after(phase).stream()
                        .flatMap(next -> phase.leave().stream()
                                .flatMap(id -> unsafe(phase.id(), id, day(next.expected()), healing).stream())));
        return Stream.concat(openings, phases);
    }

    private CourseDay wanted(Opening.Case written) {
        CourseDay from = day(written.from());
        Optional<CourseDay> phase =
                written.phase().map(protocol::phase).map(Phase::expected).map(MilestoneChecks::day);
        return phase.filter(from::isBefore).orElse(from);
    }

    private Optional<Finding> unsafe(String rule, String criterion, CourseDay wanted, NormalHealing healing) {
        return protocol.criterion(criterion)
                .measures()
                .filter(measure -> !isSafe(measure, wanted, healing))
                .findFirst()
                .map(measure -> places.rule(
                        Check.NEEDS_UNSAFE_TEST,
                        protocol.id(),
                        rule,
                        "it needs " + criterion + " on " + wanted + ", before the test of " + measure.id() + " is safe"
                                + safeFrom(measure, healing),
                        "Open the test earlier, ask later, or ask for something that may be measured"));
    }

    private String safeFrom(Measure measure, NormalHealing healing) {
        return tests(measure)
                .flatMap(test -> healing.firstOpen(test.roles().get(0).key()).stream())
                .min(CourseDay::compareTo)
                .map(day -> " (" + day + ")")
                .orElse("");
    }

    /** A measure that no test of the library asks anything for can always be taken. */
    private boolean isSafe(Measure measure, CourseDay day, NormalHealing healing) {
        return tests(measure).findAny().isEmpty()
                || tests(measure)
                        .anyMatch(test -> healing.verdict(test.roles().get(0).key(), day)
                                .kind()
                                .isOpen());
    }

    private Stream<Activity.Test> tests(Measure measure) {
        return bundle.activities().stream()
                .filter(Activity.Test.class::isInstance)
                .map(Activity.Test.class::cast)
                .filter(test -> test.measure().equals(measure.id()));
    }

    private static CourseDay day(Moment moment) {
        return moment.from(ANY);
    }
}
