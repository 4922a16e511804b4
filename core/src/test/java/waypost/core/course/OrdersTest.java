package waypost.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static waypost.core.gate.Fixture.DAY_ZERO;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.from;
import static waypost.core.gate.Fixture.sixWeeks;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Arc;
import waypost.core.body.Motion;
import waypost.core.gate.Fixture;
import waypost.core.limit.Allowed;
import waypost.core.limit.Authority;
import waypost.core.limit.Circumstance;
import waypost.core.limit.MotionLimit;
import waypost.core.limit.RuleHead;
import waypost.core.log.Change;
import waypost.core.log.Decisions;
import waypost.core.log.Narrowing;
import waypost.core.log.Order;
import waypost.core.protocol.Duty;
import waypost.core.question.Condition;
import waypost.core.reason.Reason;
import waypost.core.reason.VerdictKind;

/** Only a surgeon's order loosens; by phone it falls back and never touches what is surgeon only. */
class OrdersTest {

    private static MotionLimit limit(boolean surgeonOnly) {
        return new MotionLimit(
                new RuleHead("m", "m", Condition.ALWAYS, surgeonOnly, Set.of(), Set.of(), "", Set.of(), false, ""),
                Circumstance.any(Motion.KNEE_FLEXION),
                sixWeeks(Allowed.within(Arc.between(-25, 60))));
    }

    private static Order order(boolean signed, int from, Integer lastDay, Change... changes) {
        return new Order(
                "o",
                "as said",
                "Dr Vane",
                DAY_ZERO.plusDays(10),
                DAY_ZERO.plusDays(from),
                Optional.ofNullable(lastDay).map(DAY_ZERO::plusDays),
                signed ? Optional.of(DAY_ZERO.plusDays(10)) : Optional.empty(),
                Optional.of("Maren Arkwell"),
                List.of(changes));
    }

    private static Change bendTo(double most, boolean surgeonOnly) {
        return new Change.NewValue<>(limit(surgeonOnly), Allowed.within(Arc.between(-25, most)));
    }

    private static VerdictKind kind(boolean surgeonOnly, Order order, int day) {
        return new Fixture()
                .asking(bend(90))
                .open(from("day 0"))
                .limit(limit(surgeonOnly))
                .decisions(new Decisions(List.of(order), List.of()))
                .on(day)
                .kind();
    }

    @ParameterizedTest
    @CsvSource({"11,BARRED", "12,OPEN", "20,OPEN", "21,BARRED"})
    void aSignedOrderLoosensFromItsFirstToItsLastDay(int day, VerdictKind kind) {
        assertThat(kind(true, order(true, 12, 20, bendTo(90, true)), day)).isEqualTo(kind);
    }

    /** Given on day 10, so it holds until day 12 and falls back on day 13. */
    @ParameterizedTest
    @CsvSource({"10,OPEN", "12,OPEN", "13,BARRED"})
    void anOrderByPhoneHoldsThreeDays(int day, VerdictKind kind) {
        assertThat(kind(false, order(false, 10, null, bendTo(90, false)), day)).isEqualTo(kind);
    }

    /** "From Monday" by phone counts its days from Monday, not from the call. */
    @ParameterizedTest
    @CsvSource({"13,BARRED", "14,OPEN", "16,OPEN", "17,BARRED"})
    void anOrderByPhoneCountsFromItsFirstDay(int day, VerdictKind kind) {
        assertThat(kind(false, order(false, 14, null, bendTo(90, false)), day)).isEqualTo(kind);
    }

    /** Only what was loosened falls back: 30° by phone still holds long after, until its last day if it has one. */
    @ParameterizedTest
    @CsvSource(
            value = {"13,null,BARRED", "40,null,BARRED", "40,20,OPEN", "20,20,BARRED"},
            nullValues = "null")
    void aTighteningByPhoneHoldsUntilItIsLifted(int day, Integer lastDay, VerdictKind kind) {
        VerdictKind found = new Fixture()
                .asking(bend(50))
                .open(from("day 0"))
                .limit(limit(false))
                .decisions(new Decisions(List.of(order(false, 10, lastDay, bendTo(30, false))), List.of()))
                .on(day)
                .kind();

        assertThat(found).isEqualTo(kind);
    }

    @Test
    void aBarByPhoneHoldsUntilItIsLifted() {
        Fixture barred = new Fixture()
                .asking(bend(50))
                .open(from("day 0"))
                .decisions(new Decisions(
                        List.of(order(false, 10, null, new Change.Bars(Set.of(Fixture.ROLE.activity())))), List.of()));

        assertThat(barred.on(9).kind()).isEqualTo(VerdictKind.OPEN);
        assertThat(barred.on(40).kind()).isEqualTo(VerdictKind.BARRED);
    }

    @Test
    void anOrderByPhoneNeverLoosensWhatIsSurgeonOnly() {
        assertThat(kind(true, order(false, 10, null, bendTo(90, true)), 11)).isEqualTo(VerdictKind.BARRED);
        assertThat(kind(true, order(true, 10, null, bendTo(90, true)), 11)).isEqualTo(VerdictKind.OPEN);
    }

    @Test
    void aTighteningAppliesAtOnceWhoeverItComesFrom() {
        assertThat(kind(true, order(false, 10, null, bendTo(30, true)), 11)).isEqualTo(VerdictKind.BARRED);
        Fixture narrowed = new Fixture()
                .asking(bend(50))
                .open(from("day 0"))
                .limit(limit(true))
                .decisions(new Decisions(List.of(), List.of(narrowing(bendTo(40, true), 15))));

        assertThat(narrowed.on(9).kind()).isEqualTo(VerdictKind.OPEN);
        assertThat(narrowed.on(15).reasons())
                .singleElement()
                .isInstanceOfSatisfying(
                        Reason.Exceeded.class,
                        reason -> assertThat(reason.rule().authority())
                                .isEqualTo(new Authority.FromTherapist(
                                        "Maren Arkwell", DAY_ZERO.plusDays(10), "swelling")));
        assertThat(narrowed.on(16).kind()).isEqualTo(VerdictKind.OPEN);
    }

    private static Narrowing narrowing(Change change, int lastDay) {
        return new Narrowing(
                "n",
                "Maren Arkwell",
                DAY_ZERO.plusDays(10),
                Optional.of(DAY_ZERO.plusDays(lastDay)),
                "swelling",
                change);
    }

    /** A therapist's wider value beside the written limit changes nothing. */
    @Test
    void aNarrowingNeverLoosens() {
        Fixture wider = new Fixture()
                .asking(bend(90))
                .open(from("day 0"))
                .limit(limit(false))
                .decisions(new Decisions(List.of(), List.of(narrowing(bendTo(120, false), 20))));

        assertThat(wider.on(12).kind()).isEqualTo(VerdictKind.BARRED);
        assertThatThrownBy(() -> narrowing(new Change.Opens(Fixture.ROLE), 20))
                .hasMessage("narrowing n: found a change that opens or ends something, allowed: a new value of a"
                        + " limit, or a bar");
    }

    @Test
    void anOrderOpensWhatIsNotCoveredAndTheLimitsStillBar() {
        Order opens = order(true, 10, null, new Change.Opens(Fixture.ROLE));
        Fixture bare = new Fixture().asking(bend(50)).decisions(new Decisions(List.of(opens), List.of()));

        assertThat(bare.on(9).kind()).isEqualTo(VerdictKind.NOT_COVERED);
        assertThat(bare.on(10).kind()).isEqualTo(VerdictKind.OPEN);
        assertThat(new Fixture()
                        .asking(bend(90))
                        .limit(limit(false))
                        .decisions(new Decisions(List.of(opens), List.of()))
                        .on(10)
                        .kind())
                .isEqualTo(VerdictKind.BARRED);
    }

    @Test
    void anOrderByPhoneDoesNotOpenWhatOnlyTheSurgeonOpens() {
        Order byPhone = order(false, 10, null, new Change.Opens(Fixture.ROLE));
        Fixture late = new Fixture().asking(bend(50)).open(from("day 60"));

        assertThat(late.decisions(new Decisions(List.of(byPhone), List.of()))
                        .on(11)
                        .kind())
                .isEqualTo(VerdictKind.OPEN);
        assertThat(late.openingIsSurgeonOnly().on(11).kind()).isEqualTo(VerdictKind.NOT_YET);
    }

    @Test
    void anOrderBarsByNameAndEndsADuty() {
        Duty brace = new Duty.Wear(RuleHead.of("brace", "Brace"), "brace", sixWeeks(Allowed.within("locked")), false);
        Order order = order(true, 10, 20, new Change.Bars(Set.of("squat")), new Change.Ends("brace"));
        Course course = new Fixture()
                .asking(bend(30))
                .open(from("day 0"))
                .duty(brace)
                .decisions(new Decisions(List.of(order), List.of()))
                .course();

        assertThat(on(course, 9).duties()).hasSize(1);
        assertThat(on(course, 10).duties()).isEmpty();
        assertThat(on(course, 10).verdict(Fixture.ROLE).kind()).isEqualTo(VerdictKind.BARRED);
        assertThat(on(course, 21).verdict(Fixture.ROLE).kind()).isEqualTo(VerdictKind.OPEN);
        assertThat(on(course, 21).duties()).hasSize(1);
    }

    private static Standing on(Course course, int day) {
        LocalDate date = DAY_ZERO.plusDays(day);
        return course.on(date, date, Outlook.TIME_ONLY);
    }

    @Test
    void effectsListWhatItLiftsWhatItMayNotAndWhatStillBars() {
        Course course = new Fixture()
                .asking(bend(90))
                .open(from("day 30"))
                .limit(limit(true))
                .course();
        LocalDate today = DAY_ZERO.plusDays(10);

        OrderEffects signed = OrderEffects.of(course, order(true, 10, null, bendTo(90, true)), today);
        OrderEffects byPhone = OrderEffects.of(course, order(false, 10, null, bendTo(90, true)), today);
        OrderEffects both =
                OrderEffects.of(course, order(true, 10, null, bendTo(90, true), new Change.Opens(Fixture.ROLE)), today);

        assertThat(signed.lifted()).containsExactly("m");
        assertThat(signed.opened()).isEmpty();
        assertThat(signed.stillClosed())
                .singleElement()
                .satisfies(v -> assertThat(v.kind()).isEqualTo(VerdictKind.NOT_YET));
        assertThat(byPhone.refused()).containsExactly("m");
        assertThat(byPhone.lifted()).isEmpty();
        assertThat(both.opened()).containsExactly(Fixture.ROLE);
        assertThat(both.stillClosed()).isEmpty();
    }

    /** By phone the surgeon's own opening and duty stay; both are named as what may not be loosened so. */
    @Test
    void whatIsSurgeonOnlyIsRefusedByPhone() {
        Duty brace = new Duty.Wear(
                new RuleHead("brace", "Brace", Condition.ALWAYS, true, Set.of(), Set.of(), "", Set.of(), false, ""),
                "brace",
                sixWeeks(Allowed.within("locked")),
                false);
        Duty sling = new Duty.Wear(RuleHead.of("sling", "Sling"), "sling", sixWeeks(Allowed.within("on")), false);
        Course course = new Fixture()
                .asking(bend(50))
                .open(from("day 60"))
                .openingIsSurgeonOnly()
                .duty(brace)
                .duty(sling)
                .course();
        Change[] changes = {new Change.Opens(Fixture.ROLE), new Change.Ends("brace"), new Change.Ends("sling")};

        OrderEffects byPhone = OrderEffects.of(course, order(false, 10, null, changes), DAY_ZERO.plusDays(10));

        assertThat(byPhone.refused()).containsExactly("brace", "opening." + Fixture.ROLE);
        assertThat(byPhone.lifted()).containsExactly("sling");
        assertThat(byPhone.opened()).isEmpty();
    }

    @Test
    void anOrderNeedsASignatureOrWhoReadItBack() {
        assertThatThrownBy(() -> new Order(
                        "o",
                        "w",
                        "s",
                        DAY_ZERO,
                        DAY_ZERO,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        List.of(new Change.Ends("x"))))
                .hasMessage("order o: found neither a signature nor who read it back, allowed: one of them");
    }

    /** Two orders on one rule: each lifts what is written, neither lifts the other, so the stricter holds. */
    @Test
    void anOrderDoesNotLiftAnotherOrder() {
        Order wide = order(true, 10, null, bendTo(120, false));
        Order narrow = order(true, 10, null, bendTo(70, false));
        Fixture both = new Fixture()
                .asking(bend(90))
                .open(from("day 0"))
                .limit(limit(false))
                .decisions(new Decisions(List.of(wide, narrow), List.of()));

        assertThat(both.on(12).kind()).isEqualTo(VerdictKind.BARRED);
        assertThat(both.gate().changePoints()).contains(new waypost.core.time.CourseDay(10));
    }

    @Test
    void aNarrowingBarsByNameForItsDays() {
        Fixture barred = new Fixture()
                .asking(bend(30))
                .open(from("day 0"))
                .decisions(new Decisions(List.of(), List.of(narrowing(new Change.Bars(Set.of("squat")), 15))));

        assertThat(barred.on(9).kind()).isEqualTo(VerdictKind.OPEN);
        assertThat(barred.on(15).kind()).isEqualTo(VerdictKind.BARRED);
        assertThat(barred.on(16).kind()).isEqualTo(VerdictKind.OPEN);
    }

    /** An order ends the duty that it names and no other, and by phone none that is surgeon only. */
    @Test
    void anOrderEndsOnlyTheDutyThatItNames() {
        Order ends = order(true, 10, null, new Change.Ends("brace"));
        Duty sling = new Duty.Wear(RuleHead.of("sling", "Sling"), "sling", sixWeeks(Allowed.within("on")), false);
        Duty brace = new Duty.Wear(
                new RuleHead("brace", "Brace", Condition.ALWAYS, true, Set.of(), Set.of(), "", Set.of(), false, ""),
                "brace",
                sixWeeks(Allowed.within("locked")),
                false);
        Fixture worn = new Fixture().duty(sling).duty(brace);

        assertThat(on(worn.decisions(new Decisions(List.of(ends), List.of())).course(), 12)
                        .duties())
                .extracting(DutyStatus::ruleId)
                .containsExactly("sling");
        Order byPhone = order(false, 10, null, new Change.Ends("brace"));
        assertThat(on(worn.decisions(new Decisions(List.of(byPhone), List.of())).course(), 12)
                        .duties())
                .hasSize(2);
    }
}
