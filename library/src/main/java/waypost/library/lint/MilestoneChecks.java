package waypost.library.lint;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.exercise.Activity;
import waypost.core.measure.Measure;
import waypost.core.protocol.FollowUp;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
import waypost.core.time.CourseDay;
import waypost.core.time.Moment;
import waypost.library.bundle.Bundle;

/** Milestones that no scheduled measure feeds, and milestones needed before their test is safe. */
record MilestoneChecks(Protocol protocol, Bundle bundle, Places places, Map<Answers, NormalHealing> healings) {

    private static final LocalDate ANY = LocalDate.of(2031, 2, 10);

    static MilestoneChecks of(Protocol protocol, Bundle bundle, Places places) {
        return new MilestoneChecks(protocol, bundle, places, new HashMap<>());
    }

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
        Stream<Finding> openings = protocol.openings().stream()
                .flatMap(opening -> opening.allCases()
                        .filter(written -> written.clock().isEmpty())
                        .flatMap(written ->
                                written.needs().stream().flatMap(id -> unsafe(opening, id, written.when()))));
        Stream<Finding> phases = protocol.phases().stream()
                .flatMap(phase -> protocol.after(phase).stream()
                        .flatMap(next -> phase.leave().stream()
                                .flatMap(id -> unsafeUnderAll(phase.id(), id, day(next.expected())))));
        return Stream.concat(openings, phases);
    }

    /** By the day on which all else lets a role open, its milestone must have had time to be measured. */
    private Stream<Finding> unsafe(Opening opening, String criterion, Condition when) {
        return AnswerSets.making(when, protocol).stream()
                .flatMap(answers -> healing(answers).firstOpen(opening.role()).stream()
                        .flatMap(wanted ->
                                unsafe(opening.role().toString(), criterion, wanted, healing(answers)).stream()))
                .limit(1);
    }

    /** The expected time of a phase is that of the ordinary course: stricter answers may come later, and say behind. */
    private Stream<Finding> unsafeUnderAll(String rule, String criterion, CourseDay wanted) {
        return AnswerSets.making(Condition.ALWAYS, protocol).stream()
                .flatMap(decided -> safeUnderAny(rule, criterion, wanted, decided).stream())
                .limit(1);
    }

    private Optional<Finding> safeUnderAny(String rule, String criterion, CourseDay wanted, Answers decided) {
        Optional<Finding> found = unsafe(rule, criterion, wanted, healing(decided));
        boolean safe = found.isEmpty()
                || AnswerSets.full(protocol).stream()
                        .filter(answers -> answers.extend(decided))
                        .anyMatch(answers -> unsafe(rule, criterion, wanted, healing(answers))
                                .isEmpty());
        return safe ? Optional.empty() : found;
    }

    private NormalHealing healing(Answers answers) {
        return healings.computeIfAbsent(answers, set -> NormalHealing.of(protocol, set, bundle));
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
