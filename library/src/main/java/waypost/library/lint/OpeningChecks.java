package waypost.library.lint;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.limit.Limit;
import waypost.core.protocol.Duty;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
import waypost.core.reason.Reason;
import waypost.core.reason.VerdictKind;
import waypost.core.time.CourseDay;
import waypost.core.time.Moment;
import waypost.library.bundle.Bundle;

/** Openings against limits, rungs that never open, covered rungs without an opening, duties against limits. */
record OpeningChecks(Protocol protocol, Bundle bundle, Places places, Map<Answers, NormalHealing> alone) {

    static OpeningChecks of(Protocol protocol, Bundle bundle, Places places) {
        return new OpeningChecks(protocol, bundle, places, new HashMap<>());
    }

    Stream<Finding> findings() {
        return Stream.of(contradicted(), never(), withoutOpening(), duties()).flatMap(found -> found);
    }

    private Stream<Finding> contradicted() {
        return protocol.openings().stream()
                .flatMap(opening -> opening.allCases()
                        .filter(written -> written.clock().isEmpty() && canApply(written.when()))
                        .flatMap(written -> AnswerSets.making(written.when(), protocol).stream()
                                .flatMap(answers -> contradiction(opening, written, answers).stream())
                                .limit(1)));
    }

    private Stream<CourseDay> possible(Stream<Opening.Case> cases, Answers answers) {
        return cases.filter(each -> each.when().canHold(id -> answers.possible(protocol.question(id))))
                .map(this::latest);
    }

    /** On its first day, with everything else in order, a case must not be barred by a rule that always goes with it. */
    private Optional<Finding> contradiction(Opening opening, Opening.Case written, Answers answers) {
        NormalHealing healing = alone.computeIfAbsent(answers, this::underWhatGoesWith);
        Stream<CourseDay> ofParts = possible(opening.parts().stream().flatMap(said -> said.cases().stream()), answers);
        Stream<CourseDay> own =
                possible(opening.cases().stream(), answers)
                        .reduce((one, other) -> one.isBefore(other) ? one : other)
                        .stream();
        CourseDay day =
                Stream.concat(ofParts, own).reduce(latest(written), (one, other) -> one.isBefore(other) ? other : one);
        return healing.verdict(opening.role(), day).reasons().stream()
                .filter(reason -> reason.kind() == VerdictKind.BARRED)
                .findFirst()
                .map(reason -> places.rule(
                        Check.OPEN_WHILE_BARRED,
                        protocol.id(),
                        opening.role().toString(),
                        "opens on " + day + " while " + reason.ruleId().orElse("a limit") + " bars it" + until(reason),
                        "Open it when the limit lets it, or lower what it asks"));
    }

    private NormalHealing underWhatGoesWith(Answers answers) {
        List<Limit<?>> always = protocol.limits().stream()
                .<Limit<?>>map(limit -> limit)
                .filter(limit -> goesWith(limit.head().when(), answers))
                .toList();
        return NormalHealing.of(protocol.with(protocol.rules().with(always)), answers, bundle);
    }

    private static String until(Reason reason) {
        return reason.changesOn().map(day -> " until " + day).orElse("");
    }

    private CourseDay latest(Opening.Case written) {
        CourseDay from = day(written.from());
        return written.phase()
                .map(phase -> day(protocol.phase(phase).expected()))
                .filter(from::isBefore)
                .orElse(from);
    }

    private static CourseDay day(Moment moment) {
        return moment.from(LocalDate.of(2031, 2, 10));
    }

    /** A condition that asks two answers of one question at once never applies. */
    private static boolean canApply(Condition when) {
        return when.oneOf().values().stream().noneMatch(Set::isEmpty);
    }

    /** Whether a rule under {@code rule} holds whatever else is answered besides {@code answers}. */
    private static boolean goesWith(Condition rule, Answers answers) {
        return rule.oneOf().entrySet().stream().allMatch(e -> {
            Set<String> values = answers.stated().get(e.getKey());
            return values != null && e.getValue().containsAll(values);
        });
    }

    private Stream<Finding> never() {
        Set<RoleKey> left = protocol.openings().stream()
                .filter(opening -> opening.cases().stream()
                        .allMatch(written -> written.clock().isEmpty()))
                .map(Opening::role)
                .collect(Collectors.toSet());
        for (Answers answers : AnswerSets.full(protocol)) {
            if (left.isEmpty()) {
                break;
            }
            NormalHealing healing = NormalHealing.of(protocol, answers, bundle);
            left.removeIf(role -> healing.firstOpen(role).isPresent());
        }
        return left.stream()
                .map(role -> places.rule(
                        Check.NEVER_OPENS,
                        protocol.id(),
                        role.toString(),
                        "it opens under no answers, even if all goes to plan",
                        "Look at which limit keeps it closed, or leave it out"));
    }

    private Stream<Finding> withoutOpening() {
        Set<RoleKey> opened = protocol.openings().stream().map(Opening::role).collect(Collectors.toSet());
        return bundle.activities().stream()
                .filter(activity -> activity instanceof Activity.Exercise exercise
                        && protocol.scope().ladders().contains(exercise.ladder()))
                .flatMap(activity -> activity.roles().stream())
                .map(Role::key)
                .filter(role ->
                        !opened.contains(role) && !protocol.scope().leftOut().contains(role.toString()))
                .map(role -> places.rule(
                        Check.NO_OPENING,
                        protocol.id(),
                        protocol.id(),
                        "it covers the ladder of " + role + ", which has no opening",
                        "Say when it opens, or name it under left-out"));
    }

    private Stream<Finding> duties() {
        return protocol.duties().stream().flatMap(duty -> against(duty).stream());
    }

    /** Something to be practised must be open from the day on which it is due, something to be begun by then. */
    private Optional<Finding> against(Duty duty) {
        if (!duty.head().clock().isEmpty()) {
            return Optional.empty();
        }
        if (duty instanceof Duty.Practise practise) {
            CourseDay from = day(practise.schedule().entries().get(0).from());
            return closedOn(from, duty, Set.of(practise.activity()), "from", "Let the duty begin when it opens");
        }
        return duty instanceof Duty.Begin begin
                ? closedOn(day(begin.by()), duty, begin.activities(), "by", "Give it until one of them is open")
                : Optional.empty();
    }

    private Optional<Finding> closedOn(CourseDay day, Duty duty, Set<String> activities, String word, String mend) {
        boolean open = AnswerSets.making(duty.head().when(), protocol).stream()
                .map(answers -> NormalHealing.of(protocol, answers, bundle))
                .allMatch(healing -> activities.stream()
                        .flatMap(id -> bundle.findActivity(id).stream())
                        .flatMap(activity -> activity.roles().stream())
                        .anyMatch(
                                role -> healing.verdict(role.key(), day).kind().isOpen()));
        return open
                ? Optional.empty()
                : Optional.of(places.rule(
                        Check.DUTY_AGAINST_LIMIT,
                        protocol.id(),
                        duty.head().id(),
                        "it asks for " + String.join(" or ", new TreeSet<>(activities)) + " " + word + " " + day
                                + ", when that is closed",
                        mend));
    }
}
