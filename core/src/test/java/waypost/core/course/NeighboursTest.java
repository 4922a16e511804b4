package waypost.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.flexion;
import static waypost.core.gate.LadderCourse.exercise;
import static waypost.core.gate.LadderCourse.operated;
import static waypost.core.gate.LadderCourse.role;

import java.util.List;
import org.junit.jupiter.api.Test;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.LadderCourse;

/** What lies beside a rung: the same part of the limb, and in place of a closed one never a harder one. */
class NeighboursTest {

    private static Activity.Exercise rung(int rung) {
        return exercise("press-" + rung, "press", rung, Purpose.STRENGTH);
    }

    private static RoleKey key(int rung) {
        return operated("press-" + rung);
    }

    private static Activity.Exercise lunge(String id, int rung) {
        return exercise(
                id,
                "lunge",
                rung,
                Purpose.STRENGTH,
                List.of(role(new RoleKey(id, "front"), bend(30)), role(new RoleKey(id, "behind"), bend(30))));
    }

    @Test
    void theNearestEasierOpenRungStandsInForAClosedOne() {
        Neighbours beside = new Neighbours(new LadderCourse()
                .open(rung(1))
                .open(rung(2))
                .with(rung(3), "day 41")
                .with(rung(4), "day 41")
                .open(rung(5))
                .standing());

        assertThat(beside.nearestOpen(key(4))).contains(key(2));
        assertThat(beside.nearestOpen(key(3))).contains(key(2));
        assertThat(beside.nearestOpen(key(1))).isEmpty();
        assertThat(beside.nearestOpen(operated("unknown"))).isEmpty();
    }

    @Test
    void whatIsFinishedStandsInForNothing() {
        Neighbours beside = new Neighbours(new LadderCourse()
                .reading(flexion(120, 38))
                .open(rung(1))
                .finishedAtTheBend(rung(2))
                .with(rung(3), "day 41")
                .standing());

        assertThat(beside.nearestOpen(key(3))).contains(key(1));
    }

    @Test
    void theRungsBesideAreNamedOpenOrNot() {
        Neighbours beside = new Neighbours(new LadderCourse()
                .with(rung(1), "day 41")
                .open(rung(2))
                .with(rung(3), "day 41")
                .standing());

        assertThat(beside.next(key(2))).contains(key(3));
        assertThat(beside.before(key(2))).contains(key(1));
        assertThat(beside.next(key(3))).isEmpty();
        assertThat(beside.before(key(1))).isEmpty();
    }

    @Test
    void theSamePartOfTheLimbIsKept() {
        Neighbours beside = new Neighbours(new LadderCourse()
                .open(exercise("press", "lunge", 1, Purpose.STRENGTH))
                .open(lunge("short", 2))
                .with(lunge("long", 3), "day 41")
                .standing());

        assertThat(beside.nearestOpen(new RoleKey("long", "behind"))).contains(new RoleKey("short", "behind"));
        assertThat(beside.before(new RoleKey("long", "front"))).contains(new RoleKey("short", "front"));
        assertThat(beside.before(new RoleKey("short", "front"))).contains(operated("press"));
        assertThat(beside.next(operated("press"))).isEmpty();
    }
}
