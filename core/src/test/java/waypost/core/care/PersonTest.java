package waypost.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.DAY_ZERO;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.from;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Fixture;
import waypost.core.log.Evidence;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Protocol;
import waypost.core.protocol.Rules;
import waypost.core.question.Answers;
import waypost.core.reason.VerdictKind;
import waypost.core.resolved.Resolver;

/** What one course closes, no other opens. */
class PersonTest {

    private static final RoleKey FRONT = new RoleKey("lunge", "front");
    private static final RoleKey BEHIND = new RoleKey("lunge", "behind");
    private static final LocalDate DATE = DAY_ZERO.plusDays(20);

    private static Role role(RoleKey key, String counterpart) {
        return new Role(
                key, key.role(), List.of(bend(30)), List.of(0), Reducible.NOTHING, Set.of(), Optional.of(counterpart));
    }

    /** A knee course in which the leg in front is covered and the leg behind is not, or the other way round. */
    private static Course knee(Side side, RoleKey covered, Optional<String> revisionOf) {
        Activity lunge = new Activity.Test(
                "lunge", "Lunge", "none", List.of(role(FRONT, "behind"), role(BEHIND, "front")), "none");
        Fixture fixture = new Fixture().open(from("day 0"));
        return Course.of(
                Resolver.resolve(opening(fixture.protocol(), covered), Answers.NONE, DAY_ZERO),
                List.of(lunge),
                List.of(Fixture.FLEXION),
                new History(side, true, Evidence.NONE, List.of(), List.of(), revisionOf));
    }

    private static Protocol opening(Protocol of, RoleKey role) {
        return of.with(Rules.of(List.of(), List.of(Opening.of(role, List.of(from("day 0"))))));
    }

    private static VerdictKind kind(Person person, RoleKey role, Side side) {
        return person.on(DATE, DATE, Outlook.TIME_ONLY).stream()
                .filter(v -> v.role().equals(role) && v.side() == side)
                .findFirst()
                .orElseThrow()
                .kind();
    }

    @Test
    void theOtherKneePlaysItsCounterpartMeanwhile() {
        Person apart = Person.of(List.of(
                new Episode("left", knee(Side.LEFT, FRONT, Optional.empty())),
                new Episode("right", knee(Side.RIGHT, FRONT, Optional.empty()))));
        Person fitting = Person.of(List.of(
                new Episode("left", knee(Side.LEFT, FRONT, Optional.empty())),
                new Episode("right", knee(Side.RIGHT, BEHIND, Optional.empty()))));

        assertThat(kind(apart, FRONT, Side.LEFT)).isEqualTo(VerdictKind.NOT_COVERED);
        assertThat(kind(fitting, FRONT, Side.LEFT)).isEqualTo(VerdictKind.OPEN);
        assertThat(kind(fitting, BEHIND, Side.RIGHT)).isEqualTo(VerdictKind.OPEN);
        assertThat(kind(fitting, BEHIND, Side.LEFT)).isEqualTo(VerdictKind.NOT_COVERED);
    }

    @Test
    void neitherSideIsAHealthyYardstickWhenTheSameJointIsTreatedOnBoth() {
        Course left = knee(Side.LEFT, FRONT, Optional.empty());
        Person alone = Person.of(List.of(new Episode("left", left)));
        Person both = Person.of(
                List.of(new Episode("left", left), new Episode("right", knee(Side.RIGHT, FRONT, Optional.empty()))));

        assertThat(alone.running().get(0).course().history().otherSideHealthy()).isTrue();
        assertThat(both.running()).allMatch(e -> !e.course().history().otherSideHealthy());
    }

    @Test
    void aRevisedCourseIsOnlyThePast() {
        Person person = Person.of(List.of(
                new Episode("first", knee(Side.LEFT, BEHIND, Optional.empty())),
                new Episode("second", knee(Side.LEFT, FRONT, Optional.of("first")))));

        assertThat(person.running()).extracting(Episode::id).containsExactly("second");
        assertThat(kind(person, FRONT, Side.LEFT)).isEqualTo(VerdictKind.OPEN);
    }
}
