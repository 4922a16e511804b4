package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.Role;
import waypost.core.gate.Verdict;
import waypost.core.log.Decisions;
import waypost.core.log.Evidence;
import waypost.core.protocol.Included;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolver;
import waypost.core.time.Clocks;
import waypost.library.bundle.Bundle;

/** After an event a part holds anew as on the days after day 0, and no event opens anything. */
@Tag("slow")
class RestartPropertiesTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;
    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final LocalDate EVENT = DAY_ZERO.plusDays(400);
    private static final List<Integer> DAYS_AFTER = List.of(1, 14, 28, 42, 56, 84, 120, 180);

    private static Course course(Protocol protocol, Answers answers, Clocks clocks) {
        return Course.of(
                Resolver.resolve(protocol, answers, clocks, Decisions.NONE),
                BUNDLE.activities(),
                BUNDLE.measures(),
                History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of()));
    }

    private static Standing on(Course course, LocalDate date) {
        return course.on(date, date, Outlook.TO_PLAN);
    }

    private static List<Role> roles() {
        return BUNDLE.activities().stream()
                .flatMap(activity -> activity.roles().stream())
                .toList();
    }

    private static boolean isClosedBy(Verdict verdict, Included part) {
        return !verdict.kind().isOpen()
                && verdict.reasons().stream()
                        .anyMatch(reason -> !reason.kind().isOpen()
                                && reason.ruleId()
                                        .filter(rule -> rule.startsWith(part.id() + "."))
                                        .isPresent());
    }

    @Test
    void aPartHoldsAnewAsOnTheDaysAfterTheOperation() {
        List<String> open = new ArrayList<>();
        int cases = 0;
        for (Protocol protocol : BUNDLE.protocols()) {
            for (Included part : protocol.parts()) {
                for (String event : part.anew()) {
                    for (Answers answers : EveryAnswer.ofFindings(protocol)) {
                        cases += compare(protocol, answers, part, event, open);
                    }
                }
            }
        }
        System.out.printf("%,d roles closed by a part, and again after an event%n", cases);
        assertThat(open).isEmpty();
        assertThat(cases).isGreaterThan(1_000);
    }

    private static int compare(Protocol protocol, Answers answers, Included part, String event, List<String> open) {
        Course fresh = course(protocol, answers, Clocks.startingOn(DAY_ZERO));
        Course again = course(protocol, answers, Clocks.startingOn(DAY_ZERO).with(Map.of(event, List.of(EVENT))));
        int cases = 0;
        for (int day : DAYS_AFTER) {
            Standing first = on(fresh, DAY_ZERO.plusDays(day));
            Standing second = on(again, EVENT.plusDays(day));
            for (Role role : roles()) {
                if (isClosedBy(first.verdict(role.key()), part)) {
                    cases += 1;
                    if (second.verdict(role.key()).kind().isOpen()) {
                        open.add(protocol.id() + " " + answers.stated() + " " + role.key() + " on day " + day
                                + " after " + event);
                    }
                }
            }
        }
        return cases;
    }

    @Test
    void noEventOpensAnything() {
        List<String> opened = new ArrayList<>();
        int cases = 0;
        for (Protocol protocol : BUNDLE.protocols()) {
            for (String event : protocol.scope().clocks()) {
                Course before = course(protocol, Answers.NONE, Clocks.startingOn(DAY_ZERO));
                LocalDate on = DAY_ZERO.plusDays(60);
                Course after = course(
                        protocol, Answers.NONE, Clocks.startingOn(DAY_ZERO).with(Map.of(event, List.of(on))));
                for (int day : DAYS_AFTER) {
                    Standing without = on(before, on.plusDays(day));
                    Standing with = on(after, on.plusDays(day));
                    for (Role role : roles()) {
                        cases += 1;
                        if (with.verdict(role.key()).kind().isOpen()
                                && !without.verdict(role.key()).kind().isOpen()) {
                            opened.add(protocol.id() + " " + role.key() + " on day " + day + " after " + event);
                        }
                    }
                }
            }
        }
        System.out.printf("%,d roles with and without an event%n", cases);
        assertThat(opened).isEmpty();
    }
}
