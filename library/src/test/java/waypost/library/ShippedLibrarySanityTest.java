package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.measure.Measure;
import waypost.core.protocol.FollowUp;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Question;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;
import waypost.library.lint.NormalHealing;

/** Plain sense over every shipped protocol, under every answer. */
@Tag("slow")
class ShippedLibrarySanityTest {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final Bundle BUNDLE = Shipped.BUNDLE;

    static Stream<Protocol> protocols() {
        return BUNDLE.protocols().stream();
    }

    @ParameterizedTest
    @MethodSource("protocols")
    void everyRungOfACoveredLadderOpensBeforeTheCourseEnds(Protocol protocol) {
        Set<RoleKey> closed = new HashSet<>();
        BUNDLE.activities().stream()
                .filter(activity -> activity instanceof Activity.Exercise exercise
                        && protocol.scope().ladders().contains(exercise.ladder()))
                .flatMap(activity -> activity.roles().stream())
                .map(Role::key)
                .filter(role -> !protocol.scope().leftOut().contains(role.toString()))
                .forEach(closed::add);
        CourseDay end = end(protocol);
        for (Answers answers : EveryAnswer.to(protocol)) {
            NormalHealing healing = NormalHealing.of(protocol, answers, BUNDLE);
            closed.removeIf(role ->
                    healing.firstOpen(role).filter(day -> !end.isBefore(day)).isPresent());
            if (closed.isEmpty()) {
                break;
            }
        }

        assertThat(closed).isEmpty();
    }

    /** Four weeks into the last phase: whatever opens with it is open by then. */
    private static CourseDay end(Protocol protocol) {
        List<Phase> phases = protocol.phases();
        return phases.get(phases.size() - 1).expected().from(DAY_ZERO).plusDays(28);
    }

    @ParameterizedTest
    @MethodSource("protocols")
    void everyMilestoneIsMeasuredBeforeItIsWanted(Protocol protocol) {
        List<String> late = new ArrayList<>();
        for (Phase phase : protocol.phases()) {
            protocol.after(phase)
                    .ifPresent(next -> phase.leave().stream()
                            .map(protocol::criterion)
                            .filter(criterion -> !measuredBy(
                                    protocol, criterion, next.expected().from(DAY_ZERO)))
                            .forEach(criterion -> late.add(phase.id() + " " + criterion.id())));
        }

        assertThat(late).isEmpty();
    }

    private static boolean measuredBy(Protocol protocol, Criterion criterion, CourseDay day) {
        return criterion
                .measures()
                .allMatch(measure -> isScheduledBy(protocol, measure, day)
                        && EveryAnswer.to(protocol).stream()
                                .anyMatch(answers -> isSafe(protocol, answers, measure, day)));
    }

    private static boolean isScheduledBy(Protocol protocol, Measure measure, CourseDay day) {
        return protocol.followUp().measuring().stream()
                .filter(measuring -> measuring.measure().equals(measure.id()))
                .map(FollowUp.Measuring::from)
                .anyMatch(from -> !day.isBefore(from.from(DAY_ZERO)));
    }

    private static boolean isSafe(Protocol protocol, Answers answers, Measure measure, CourseDay day) {
        List<Activity> tests = BUNDLE.activities().stream()
                .filter(activity ->
                        activity instanceof Activity.Test test && test.measure().equals(measure.id()))
                .toList();
        NormalHealing healing = NormalHealing.of(protocol, answers, BUNDLE);
        return tests.isEmpty()
                || tests.stream()
                        .anyMatch(test -> healing.verdict(test.roles().get(0).key(), day)
                                .kind()
                                .isOpen());
    }

    @ParameterizedTest
    @MethodSource("protocols")
    void anUnknownAnswerOpensNothingThatAKnownOneCloses(Protocol protocol) {
        for (Question question : protocol.questions()) {
            for (Answers others : decided(protocol, question)) {
                NormalHealing unknown = NormalHealing.of(protocol, others, BUNDLE);
                for (String value : question.valueIds()) {
                    NormalHealing known = NormalHealing.of(protocol, others.with(question.id(), value), BUNDLE);
                    for (int day = protocol.begins(DAY_ZERO).number(); day < 300; day += 9) {
                        CourseDay on = new CourseDay(day);
                        if (question.usual().isEmpty()) {
                            assertThat(unknown.on(on).openedSince(known.on(on)))
                                    .as("%s unknown against %s on %s", question.id(), value, on)
                                    .isEmpty();
                        }
                    }
                }
            }
        }
    }

    /** Nothing answered but the other decisive questions, without which nothing would open anyway. */
    private static List<Answers> decided(Protocol protocol, Question left) {
        List<Answers> sets = List.of(Answers.NONE);
        for (Question question : protocol.questions()) {
            if (question.isDecisive() && !question.equals(left)) {
                sets = sets.stream()
                        .flatMap(set -> question.valueIds().stream().map(value -> set.with(question.id(), value)))
                        .toList();
            }
        }
        return sets;
    }
}
