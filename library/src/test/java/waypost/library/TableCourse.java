package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.DutyStatus;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.limit.Allowed;
import waypost.core.log.Evidence;
import waypost.core.question.Answers;
import waypost.core.resolved.InForce;
import waypost.core.resolved.Resolver;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;
import waypost.library.lint.NormalHealing;
import waypost.library.words.PrecautionWords;
import waypost.library.words.Words;

/** A course on a shipped protocol to be read like a table: first open days, limits by day, duties by day. */
final class TableCourse {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final Bundle BUNDLE = Shipped.BUNDLE;

    private final String protocol;
    private final Map<String, Set<String>> stated = new HashMap<>();

    TableCourse(String protocol) {
        this.protocol = protocol;
    }

    /** The same with these answers, written "question=value question=value". */
    TableCourse with(String answers) {
        for (String answer : answers.split(" ")) {
            if (answer.contains("=")) {
                String[] parts = answer.split("=", -1);
                stated.put(parts[0], Set.of(parts[1]));
            }
        }
        return this;
    }

    private NormalHealing healing() {
        return NormalHealing.of(BUNDLE.protocol(protocol), new Answers(stated), BUNDLE);
    }

    /** The first open day when all goes to plan. */
    Optional<Integer> firstOpen(String role) {
        return healing().firstOpen(RoleKey.of(role)).map(CourseDay::number);
    }

    Verdict on(int day, String role) {
        return healing().verdict(RoleKey.of(role), new CourseDay(day));
    }

    /** What a limit allows on a day with no milestone met; empty when it is free or not in force. */
    Optional<?> limit(String rule, int day) {
        return inForce(rule)
                .flatMap(l -> l.restrictionOn(new CourseDay(day), Set.of()))
                .map(step -> step.value());
    }

    /** What a limit leaves on a day with no milestone met, as a precaution says it: "at most 60° of flexion". */
    String says(String rule, int day) {
        return inForce(rule).flatMap(l -> said(l, day)).orElse("free");
    }

    /** The limit of this id, or a part's whose id ends so; a table that names none is wrong. */
    private Optional<InForce<?>> inForce(String rule) {
        assertThat(BUNDLE.protocol(protocol).limits())
                .extracting(limit -> limit.head().id())
                .anyMatch(id -> isCalled(id, rule));
        return course().resolved().limits().stream()
                .filter(l -> isCalled(l.limit().head().id(), rule))
                .findFirst();
    }

    private static boolean isCalled(String id, String rule) {
        return id.equals(rule) || id.endsWith("." + rule);
    }

    private static <T> Optional<String> said(InForce<T> limit, int day) {
        return limit.restrictionOn(new CourseDay(day), Set.of())
                .map(step -> PrecautionWords.left(limit.limit(), step.value()));
    }

    /** What is said of when each reason changes: "Until Mon 7 Apr 2031 (8 weeks completed).", "For good." */
    List<String> changes(int day, String role) {
        Words words = Words.of(course().resolved());
        return on(day, role).reasons().stream()
                .map(reason -> words.say(reason).change())
                .toList();
    }

    /** How much pain the course allows, 0 to 10. */
    int mostPain() {
        return course().resolved().pain().orElseThrow().rule().most();
    }

    boolean allowsNothing(String rule, int day) {
        return limit(rule, day)
                .map(allowed -> allowed instanceof Allowed.Nothing)
                .orElse(false);
    }

    Course course() {
        return Course.of(
                Resolver.resolve(BUNDLE.protocol(protocol), new Answers(stated), DAY_ZERO),
                BUNDLE.activities(),
                BUNDLE.measures(),
                History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of()));
    }

    /** Where it stands on a day with nothing measured, signed or cleared. */
    Standing standing(int day) {
        LocalDate date = DAY_ZERO.plusDays(day);
        return course().on(date, date, Outlook.TIME_ONLY);
    }

    List<String> duties(int day) {
        return standing(day).duties().stream().map(DutyStatus::ruleId).toList();
    }

    List<String> overdue(int day) {
        return standing(day).duties().stream()
                .filter(DutyStatus::overdue)
                .map(DutyStatus::ruleId)
                .toList();
    }
}
