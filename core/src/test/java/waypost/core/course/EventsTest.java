package waypost.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static waypost.core.gate.Fixture.DAY_ZERO;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.bendNeeding;
import static waypost.core.gate.Fixture.flexion;
import static waypost.core.gate.Fixture.from;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Side;
import waypost.core.criterion.Criterion;
import waypost.core.criterion.CriterionHead;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.Loading;
import waypost.core.gate.Fixture;
import waypost.core.log.Attestation;
import waypost.core.log.Event;
import waypost.core.log.Evidence;
import waypost.core.log.Session;
import waypost.core.measure.Readings;
import waypost.core.milestone.MilestoneState;
import waypost.core.protocol.Opening;
import waypost.core.question.Condition;
import waypost.core.reason.NotYet;
import waypost.core.reason.Reason;
import waypost.core.reason.VerdictKind;
import waypost.core.time.Clocks;
import waypost.core.time.Moment;

/** Evidence counts from day 0 and from the last event; a fall closes work until somebody has looked. */
class EventsTest {

    private static final Criterion CLEARED = new Criterion.Attested(
            CriterionHead.of("cleared", "Cleared"), Criterion.Attested.Kind.CLEARANCE, "surgeon");

    private static Event fall(int day, Integer looked) {
        LocalDate on = DAY_ZERO.plusDays(day);
        return new Event(
                Event.FALL,
                on,
                "slipped on the stairs",
                "Maren Arkwell",
                Optional.ofNullable(looked)
                        .map(after -> new Event.LookedAfter(DAY_ZERO.plusDays(after), "Maren Arkwell", "stable")));
    }

    private static Course course(Fixture fixture, Evidence evidence, Event... events) {
        return fixture.clocks(Event.clocks(DAY_ZERO, List.of(events)))
                .course(new History(
                        Side.RIGHT,
                        true,
                        evidence,
                        List.of(),
                        List.of(),
                        List.of(events),
                        Optional.empty(),
                        Optional.empty()));
    }

    private static Standing on(Course course, int day) {
        LocalDate date = DAY_ZERO.plusDays(day);
        return course.on(date, date, Outlook.TIME_ONLY);
    }

    private static Evidence bent(double degrees, int day) {
        return Evidence.of(new Readings(List.of(flexion(degrees, day))));
    }

    private static Demand carried(EndRange end) {
        return new Demand.Movement(
                Motion.KNEE_FLEXION,
                Arc.between(0, 60),
                Optional.empty(),
                Direction.POSITIVE,
                Mode.PASSIVE,
                Chain.OPEN,
                Loading.NONE,
                end);
    }

    /** Fell on day 20, looked after on day 22. */
    @ParameterizedTest
    @CsvSource({"19,OPEN", "20,ON_HOLD", "21,ON_HOLD", "22,OPEN"})
    void aFallClosesWorkUntilSomebodyHasLooked(int day, VerdictKind kind) {
        Fixture fixture = new Fixture().asking(bend(30)).open(from("day 0"));

        assertThat(on(course(fixture, Evidence.NONE, fall(20, 22)), day)
                        .verdict(Fixture.ROLE)
                        .kind())
                .isEqualTo(kind);
    }

    @Test
    void aFallThatNobodyLooksAfterClosesForAsLongAsThatAndSaysWhy() {
        Fixture fixture = new Fixture().asking(bend(30)).open(from("day 0"));
        Event fall = fall(20, null);

        assertThat(on(course(fixture, Evidence.NONE, fall), 300)
                        .verdict(Fixture.ROLE)
                        .reasons())
                .containsExactly(new Reason.NotLookedAfter(fall));
    }

    @Test
    void otherEventsCloseNothingByThemselves() {
        Fixture fixture = new Fixture().asking(bend(30)).open(from("day 0"));
        Event injection = new Event("injection", DAY_ZERO.plusDays(20), "cortisone", "Dr Vane", Optional.empty());

        assertThat(on(course(fixture, Evidence.NONE, injection), 21)
                        .verdict(Fixture.ROLE)
                        .kind())
                .isEqualTo(VerdictKind.OPEN);
    }

    @ParameterizedTest
    @CsvSource({"SHORT_OF_IT,true", "FIRST_RESISTANCE,true", "STRETCH,false", "OVERPRESSURE,false"})
    void carriedMotionPressesNoEnd(EndRange end, boolean carried) {
        assertThat(carried(end).isCarried()).isEqualTo(carried);
        assertThat(bend(30).isCarried()).isFalse();
    }

    /** Measured ten days before surgery: a yardstick, never a milestone. */
    @ParameterizedTest
    @CsvSource({"-3,MISSING", "0,MET", "2,MET"})
    void whatWasMeasuredBeforeDayZeroMeetsNothing(int measured, MilestoneState state) {
        assertThat(on(course(new Fixture(), bent(120, measured)), 5)
                        .milestone("bend")
                        .state())
                .isEqualTo(state);
    }

    @Test
    void beforeSurgeryItCountsForWhatComesBeforeSurgery() {
        assertThat(on(course(new Fixture(), bent(120, -5)), -2)
                        .milestone("bend")
                        .state())
                .isEqualTo(MilestoneState.MET);
    }

    /** Fell on day 20: what was bent before says nothing any more, and what is bent after does. */
    @ParameterizedTest
    @CsvSource({"18,19,MET", "18,20,MISSING", "18,25,MISSING", "21,25,MET"})
    void whatWasMeasuredBeforeAnEventMeetsNothing(int measured, int today, MilestoneState state) {
        assertThat(on(course(new Fixture(), bent(120, measured), fall(20, 20)), today)
                        .milestone("bend")
                        .state())
                .isEqualTo(state);
    }

    @Test
    void aClearanceBeforeAFallDoesNotCountAfterIt() {
        Evidence cleared = new Evidence(
                Readings.NONE,
                List.of(new Attestation("cleared", DAY_ZERO.plusDays(10), "Dr Vane")),
                List.of(new Session(DAY_ZERO.plusDays(10), Set.of("squat"), false)));
        Fixture fixture = new Fixture().criterion(CLEARED);

        assertThat(on(course(fixture, cleared, fall(20, 20)), 19)
                        .milestone("cleared")
                        .isMet())
                .isTrue();
        assertThat(on(course(fixture, cleared, fall(20, 20)), 25)
                        .milestone("cleared")
                        .state())
                .isEqualTo(MilestoneState.MISSING);
    }

    @Test
    void rangeFromBeforeSurgeryOpensNothingThatNeedsIt() {
        Fixture fixture = new Fixture().asking(bendNeeding(110, 110)).open(from("day 0"));

        assertThat(on(course(fixture, bent(130, -2)), 3).verdict(Fixture.ROLE).reasons())
                .singleElement()
                .isInstanceOf(NotYet.RangeUnknown.class);
        assertThat(on(course(fixture, bent(130, 2)), 3).verdict(Fixture.ROLE).kind())
                .isEqualTo(VerdictKind.OPEN);
    }

    @Test
    void anOffSwitchIsNotTurnedByWhatWasBeforeSurgery() {
        Fixture stretch = new Fixture().asking(bend(30)).open(from("day 0")).offWhen("bend");

        assertThat(on(course(stretch, bent(120, -2)), 3).switchedOff()).isEmpty();
        assertThat(on(course(stretch, bent(120, 2)), 3).switchedOff()).containsExactly(Fixture.ROLE);
    }

    /** A clearance is never made up for by the calendar; what is only taught back may be. */
    @ParameterizedTest
    @CsvSource({"cleared,40,NOT_YET", "bend,29,NOT_YET", "bend,30,OPEN"})
    void aClearanceNeverLapses(String needs, int day, VerdictKind kind) {
        Opening.Case opening = new Opening.Case(
                Condition.ALWAYS,
                "",
                Moment.parse("day 0"),
                Optional.empty(),
                Optional.empty(),
                List.of(needs),
                Optional.of(Moment.parse("day 30")));
        Fixture fixture = new Fixture().criterion(CLEARED).asking(bend(30)).open(opening);

        assertThat(on(course(fixture, Evidence.NONE), day).verdict(Fixture.ROLE).kind())
                .isEqualTo(kind);
    }

    @Test
    void anEventStartsItsClockAndIsRefusedWhereItIsLookedAfterTooEarly() {
        Clocks clocks = Event.clocks(DAY_ZERO, List.of(fall(20, null), fall(30, 31)));

        assertThat(clocks.others()).isEqualTo(Map.of("fall", List.of(DAY_ZERO.plusDays(20), DAY_ZERO.plusDays(30))));
        assertThatThrownBy(() -> fall(20, 19))
                .hasMessage("looked after: found 2031-03-01, allowed: from 2031-03-02, the day of the event, on");
    }
}
