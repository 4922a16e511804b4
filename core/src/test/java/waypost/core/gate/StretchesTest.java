package waypost.core.gate;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.from;
import static waypost.core.gate.Fixture.head;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import waypost.core.body.Arc;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.demand.Demand;
import waypost.core.demand.Loading;
import waypost.core.exercise.Reducible;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.Circumstance;
import waypost.core.limit.MotionLimit;
import waypost.core.limit.Quantity;
import waypost.core.reason.VerdictKind;
import waypost.core.time.Moment;
import waypost.core.time.Schedule;

/** What is kept of a role holds no longer than every rule that its reduced form may come under. */
class StretchesTest {

    private static final Circumstance ACTIVE = new Circumstance(
            Set.of(Motion.KNEE_FLEXION),
            Optional.empty(),
            Set.of(Mode.ACTIVE),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            List.of());

    private static final Reducible TO_OWN_WEIGHT = new Reducible(
            Optional.empty(),
            Optional.of(Loading.OWN_WEIGHT),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Set.of());

    private static Demand.Movement resisted() {
        Demand.Movement bend = bend(60);
        return new Demand.Movement(
                bend.motion(),
                bend.arc(),
                Optional.empty(),
                bend.working(),
                Mode.RESISTED,
                bend.chain(),
                Loading.ADDED,
                bend.end());
    }

    /** Resisted work may be cut to the limb's own weight, which is active work; from day 20 that is barred. */
    private static Gate gate() {
        Schedule<Allowed<Arc>> barredFromDay20 = new Schedule<>(List.of(
                new Schedule.Entry<>(Moment.parse("day 0"), Allowed.free()),
                new Schedule.Entry<>(Moment.parse("day 20"), Allowed.nothing())));
        Schedule<Allowed<Loading>> ownWeight = new Schedule<>(
                List.of(new Schedule.Entry<>(Moment.parse("day 0"), Allowed.within(Loading.OWN_WEIGHT))));
        return new Fixture()
                .open(from("day 0"))
                .asking(resisted())
                .reducible(TO_OWN_WEIGHT)
                .limit(new AmountLimit<>(
                        head("loading"), new Quantity.Against(Circumstance.any(Motion.KNEE_FLEXION)), ownWeight))
                .limit(new MotionLimit(head("active"), ACTIVE, barredFromDay20))
                .gate();
    }

    @Test
    void aRuleThatOnlyTheReducedFormComesUnderEndsAStretch() {
        Gate gate = gate();

        assertThat(gate.judge(Fixture.ROLE, Fixture.facts(10)).kind()).isEqualTo(VerdictKind.OPEN_WITH_LIMIT);
        assertThat(gate.judge(Fixture.ROLE, Fixture.facts(30)).kind()).isEqualTo(VerdictKind.BARRED);
        assertThat(gate.judge(Fixture.ROLE, Fixture.facts(12)).kind()).isEqualTo(VerdictKind.OPEN_WITH_LIMIT);
    }
}
