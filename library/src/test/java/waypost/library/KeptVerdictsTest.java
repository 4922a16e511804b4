package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.body.Side;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.gate.Facts;
import waypost.core.gate.Gate;
import waypost.core.log.Decisions;
import waypost.core.measure.Readings;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Question;
import waypost.core.resolved.Resolved;
import waypost.core.resolved.Resolver;
import waypost.core.time.Clocks;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;

/**
 * A gate that keeps what it said of a stretch of days says the same as one that works everything out anew, whatever was
 * asked before; and a gate that serves two courses says what each one's own would.
 */
@Tag("slow")
class KeptVerdictsTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;
    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final int ASKED = 12;

    static List<Protocol> protocols() {
        return BUNDLE.protocols();
    }

    @ParameterizedTest
    @MethodSource("protocols")
    void saysWhatIsWorkedOutAnew(Protocol protocol) {
        Random random = new Random(protocol.id().hashCode());
        Gate gate = gate(Resolver.resolve(protocol, answers(protocol, random), DAY_ZERO));
        for (int i = 0; i < ASKED; i++) {
            Facts facts = facts(protocol, random);
            for (Activity activity : BUNDLE.activities()) {
                for (Role role : activity.roles()) {
                    assertThat(gate.judge(role.key(), facts))
                            .as("%s on %s", role.key(), facts.day())
                            .isEqualTo(gate.judgeAltered(role, facts));
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("protocols")
    void aGateThatServesAnotherCourseSaysWhatItsOwnWould(Protocol protocol) {
        Random random = new Random(protocol.id().hashCode() + 1);
        Answers answers = answers(protocol, random);
        Gate first = gate(Resolver.resolve(protocol, answers, DAY_ZERO));
        for (int later = 1; later < 40; later += 6) {
            Resolved resolved = Resolver.resolve(protocol, answers, DAY_ZERO.plusDays(later));
            if (first.servesFor(resolved)) {
                Facts facts = facts(protocol, random);
                assertThat(first.judgeAll(facts)).isEqualTo(gate(resolved).judgeAll(facts));
            } else {
                assertThat(first.changePoints()).isNotEqualTo(gate(resolved).changePoints());
            }
        }
    }

    /** Whatever gate is at hand: of other dates, other answers or another protocol. */
    @ParameterizedTest
    @MethodSource("protocols")
    void aGateMadeFromAnotherCoursesSaysWhatItsOwnWould(Protocol protocol) {
        Random random = new Random(protocol.id().hashCode() + 2);
        Protocol another =
                BUNDLE.protocols().get(random.nextInt(BUNDLE.protocols().size()));
        Gate known = gate(Resolver.resolve(another, answers(another, random), DAY_ZERO));
        for (int later = 3; later < 200; later += 29) {
            Answers answers = random.nextInt(3) == 0 ? answers(protocol, random) : Answers.NONE;
            Resolved resolved = Resolver.resolve(protocol, answers, clocks(protocol, later, random), Decisions.NONE);
            Gate own = gate(resolved);
            known = known.forCourse(resolved);
            Facts facts = facts(protocol, random);
            assertThat(known.judgeAll(facts)).isEqualTo(own.judgeAll(facts));
            assertThat(known.changePoints()).isEqualTo(own.changePoints());
        }
    }

    private static Clocks clocks(Protocol protocol, int later, Random random) {
        LocalDate dayZero = DAY_ZERO.plusDays(later);
        Map<String, List<LocalDate>> started = protocol.eventClocks().stream()
                .filter(clock -> random.nextInt(4) == 0)
                .collect(Collectors.toMap(clock -> clock, clock -> List.of(dayZero.plusDays(random.nextInt(90)))));
        return Clocks.startingOn(dayZero).with(started);
    }

    @ParameterizedTest
    @MethodSource("protocols")
    void clocksThatAreEqualWithoutTheirDatesShareAGate(Protocol protocol) {
        Resolver applies = Resolver.of(protocol, Answers.NONE);
        Gate first = gate(applies.on(Clocks.startingOn(DAY_ZERO), Decisions.NONE));
        for (int later = 0; later < 800; later += 7) {
            Clocks clocks = Clocks.startingOn(DAY_ZERO.plusDays(later));
            boolean alike = applies.undated(clocks).equals(applies.undated(Clocks.startingOn(DAY_ZERO)));
            assertThat(first.servesFor(applies.on(clocks, Decisions.NONE)) || !alike)
                    .isTrue();
        }
    }

    @ParameterizedTest
    @MethodSource("protocols")
    void aGateServesNoOtherProtocol(Protocol protocol) {
        Gate gate = gate(Resolver.resolve(protocol, Answers.NONE, DAY_ZERO));
        assertThat(BUNDLE.protocols().stream()
                        .filter(other -> gate.servesFor(Resolver.resolve(other, Answers.NONE, DAY_ZERO))))
                .containsExactly(protocol);
    }

    private static Gate gate(Resolved resolved) {
        return Gate.of(resolved, BUNDLE.activities(), BUNDLE.measures());
    }

    private static Answers answers(Protocol protocol, Random random) {
        Map<String, Set<String>> stated = protocol.questions().stream()
                .filter(question -> random.nextBoolean())
                .collect(Collectors.toMap(
                        Question::id,
                        question -> Set.of(question.valueIds()
                                .get(random.nextInt(question.valueIds().size())))));
        return new Answers(stated);
    }

    private static Facts facts(Protocol protocol, Random random) {
        int day = random.nextInt(300) - 10;
        Set<String> met = protocol.criteria().stream()
                .map(Criterion::id)
                .filter(id -> random.nextInt(3) == 0)
                .collect(Collectors.toSet());
        return new Facts(
                new CourseDay(day),
                DAY_ZERO.plusDays(day),
                Side.LEFT,
                protocol.phases().get(random.nextInt(protocol.phases().size())),
                met,
                List.of(),
                List.of(),
                List.of(),
                Readings.NONE,
                random.nextBoolean());
    }
}
