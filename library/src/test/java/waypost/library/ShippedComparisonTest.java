package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.body.Side;
import waypost.core.compare.Comparison;
import waypost.core.compare.Difference;
import waypost.core.compare.RoleDifference;
import waypost.core.compare.Turned;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Standing;
import waypost.core.log.Evidence;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Question;
import waypost.core.resolved.Resolver;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;

/** What is said to differ between two courses, against both courses judged on every single day. */
@Tag("slow")
class ShippedComparisonTest {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final Bundle BUNDLE = Shipped.BUNDLE;
    private static final int LAST_DAY = 300;

    static Stream<Protocol> protocolsWithQuestions() {
        return BUNDLE.protocols().stream()
                .filter(protocol -> !protocol.questions().isEmpty());
    }

    private static Course course(Protocol protocol, int value) {
        Answers answers = Answers.NONE;
        for (Question question : protocol.questions()) {
            List<String> values = question.valueIds();
            answers = answers.with(question.id(), values.get(value % values.size()));
        }
        return Course.of(
                Resolver.resolve(protocol, answers, DAY_ZERO),
                BUNDLE.activities(),
                BUNDLE.measures(),
                History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of()));
    }

    @ParameterizedTest
    @MethodSource("protocolsWithQuestions")
    void everyDayIsToldAsItIsJudged(Protocol protocol) {
        Course left = course(protocol, 0);
        Course right = course(protocol, 1);
        ComparedDays.areToldAsJudged(left, right);
    }

    /** What is left out of what is to come is over, and the days to come are told as before. */
    @ParameterizedTest
    @MethodSource("protocolsWithQuestions")
    void whatIsToComeIsToldAsItIsJudged(Protocol protocol) {
        Comparison comparison = Comparison.of(course(protocol, 0), course(protocol, 1));
        Comparison toCome = comparison.from(new CourseDay(42));
        assertThat(toCome.roles().stream().flatMap(role -> role.stretches().stream()))
                .allMatch(
                        stretch -> stretch.until().map(end -> end.number() > 42).orElse(true));
        for (int day = 42; day <= LAST_DAY; day += 7) {
            for (RoleDifference role : comparison.roles()) {
                assertThat(ComparedDays.told(toCome, role.role(), day))
                        .as(role.role() + " on day " + day)
                        .isEqualTo(ComparedDays.told(comparison, role.role(), day));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("protocolsWithQuestions")
    void theOtherWayRoundTheSameTurnsBack(Protocol protocol) {
        Standing one = ComparedDays.on(course(protocol, 0), 40);
        Standing other = ComparedDays.on(course(protocol, 1), 40);
        Difference there = Difference.between(one, other);
        Difference back = Difference.between(other, one);

        assertThat(there.turned(Turned.Way.OPENS).stream().map(Turned::role))
                .containsExactlyElementsOf(back.turned(Turned.Way.CLOSES).stream()
                        .map(Turned::role)
                        .toList());
        assertThat(there.precautions()).hasSameSizeAs(back.precautions());
        assertThat(there.milestones()).hasSameSizeAs(back.milestones());
        assertThat(Difference.between(one, one).isNothing()).isTrue();
    }

    @ParameterizedTest
    @MethodSource("protocolsWithQuestions")
    void theFirstOpenDayIsTheFirstOnWhichItIsOpen(Protocol protocol) {
        Course left = course(protocol, 0);
        Comparison comparison = Comparison.of(left, course(protocol, 1));

        comparison.roles().stream()
                .filter(RoleDifference::opensOtherwise)
                .limit(5)
                .forEach(role -> role.opensLeft().ifPresent(day -> {
                    assertThat(ComparedDays.on(left, day.number())
                                    .verdict(role.role())
                                    .kind()
                                    .isOpen())
                            .isTrue();
                    if (protocol.begins(DAY_ZERO).isBefore(day)) {
                        CourseDay before = day.plusDays(-1);
                        assertThat(ComparedDays.on(left, before.number())
                                        .verdict(role.role())
                                        .kind()
                                        .isOpen())
                                .isFalse();
                    }
                }));
    }
}
