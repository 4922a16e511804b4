package waypost.core.gate;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.from;
import static waypost.core.gate.Fixture.head;
import static waypost.core.gate.Fixture.sixWeeks;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import waypost.core.body.Arc;
import waypost.core.body.Limb;
import waypost.core.body.Motion;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Demand;
import waypost.core.demand.Support;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.Circumstance;
import waypost.core.limit.LimbQuantity;
import waypost.core.limit.MotionLimit;
import waypost.core.protocol.Opening;
import waypost.core.question.Condition;
import waypost.core.reason.NotYet;
import waypost.core.time.CourseDay;
import waypost.core.time.Moment;

/** Reasons come in the order of their rules' ids, however a file writes them, and say until when. */
class ReasonOrderTest {

    private static MotionLimit bendTo(String id, double most) {
        return new MotionLimit(
                head(id), Circumstance.any(Motion.KNEE_FLEXION), sixWeeks(Allowed.within(Arc.between(-25, most))));
    }

    private static AmountLimit<BodyShare> noWeight(String id) {
        return new AmountLimit<>(
                head(id), new LimbQuantity.Share(Limb.LEG, Optional.empty()), sixWeeks(Allowed.nothing()));
    }

    private static List<String> rules(Fixture fixture) {
        return fixture.open(from("day 0")).on(10).reasons().stream()
                .flatMap(reason -> reason.ruleId().stream())
                .toList();
    }

    @Test
    void reasonsOfOneDemandAndOfSeveral() {
        Demand weight = new Demand.Bearing(Limb.LEG, BodyShare.ofPercent(50), Support.BOTH);

        assertThat(rules(new Fixture().asking(bend(90)).limit(bendTo("b", 30)).limit(bendTo("a", 30))))
                .containsExactly("a", "b");
        assertThat(rules(new Fixture()
                        .asking(bend(90), weight)
                        .limit(bendTo("b", 30))
                        .limit(noWeight("a"))))
                .containsExactly("a", "b");
    }

    /** A milestone that is missing is told with the day from which it opens without it. */
    @Test
    void aMissingMilestoneIsToldWithTheDayFromWhichItOpensRegardless() {
        Opening.Case opening = new Opening.Case(
                Condition.ALWAYS,
                "",
                Moment.parse("day 0"),
                Optional.empty(),
                Optional.empty(),
                List.of("bend"),
                Optional.of(Moment.parse("day 60")));
        Fixture fixture = new Fixture().asking(bend(60)).open(opening);

        assertThat(fixture.on(10).reasons())
                .singleElement()
                .isInstanceOfSatisfying(
                        NotYet.MilestoneNotMet.class,
                        reason -> assertThat(reason.regardless()).contains(new CourseDay(60)));
        assertThat(fixture.on(60).reasons()).isEmpty();
    }
}
