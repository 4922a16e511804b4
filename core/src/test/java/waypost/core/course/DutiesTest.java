package waypost.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.DAY_ZERO;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.flexion;
import static waypost.core.gate.Fixture.from;
import static waypost.core.gate.Fixture.graftIs;
import static waypost.core.gate.Fixture.sixWeeks;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Side;
import waypost.core.gate.Fixture;
import waypost.core.limit.Allowed;
import waypost.core.limit.RuleHead;
import waypost.core.log.Evidence;
import waypost.core.log.Hold;
import waypost.core.log.Session;
import waypost.core.measure.Readings;
import waypost.core.protocol.Duty;
import waypost.core.protocol.Frequency;
import waypost.core.protocol.HoldRule;
import waypost.core.protocol.SetUp;
import waypost.core.question.Answers;
import waypost.core.reason.NotYet;
import waypost.core.reason.Reason;
import waypost.core.reason.VerdictKind;
import waypost.core.time.Clocks;
import waypost.core.time.Moment;

/** Duties never open; overdue is as loud as too early; a duty against a limit is a conflict. */
class DutiesTest {

    private static final RuleHead HEAD = RuleHead.of("d", "Duty");
    private static final Duty BEGIN =
            new Duty.Begin(HEAD, Set.of("squat"), Moment.parse("completed week 2"), "find out why");

    private static Standing on(Course course, int day) {
        LocalDate date = DAY_ZERO.plusDays(day);
        return course.on(date, date, Outlook.TIME_ONLY);
    }

    private static History history(Evidence evidence, Hold... holds) {
        return History.of(Side.RIGHT, evidence, List.of(), List.of(holds));
    }

    @ParameterizedTest
    @CsvSource({"13,false", "14,false", "15,true"})
    void whatHasNotBegunByItsDayIsOverdueFromTheDayAfter(int day, boolean overdue) {
        Course course =
                new Fixture().asking(bend(30)).open(from("day 0")).duty(BEGIN).course();

        assertThat(on(course, day).duties()).singleElement().satisfies(duty -> {
            assertThat(duty.overdue()).isEqualTo(overdue);
            assertThat(duty.conflict()).isFalse();
        });
    }

    /** Begin and reach change on their day, practising where its schedule does. */
    @Test
    void theDaysOfChangeNameEveryDuty() {
        Course course = new Fixture()
                .duty(BEGIN)
                .duty(new Duty.Reach(HEAD, "bend", Moment.parse("day 10"), "call"))
                .duty(new Duty.Practise(HEAD, "squat", sixWeeks(Allowed.within(Frequency.parse("10 a day"))), "stiff"))
                .course();

        assertThat(course.timeline()).contains(DAY_ZERO.plusDays(10), DAY_ZERO.plusDays(14), DAY_ZERO.plusDays(42));
        assertThat(new Fixture().course().timeline()).doesNotContain(DAY_ZERO.plusDays(10), DAY_ZERO.plusDays(42));
    }

    @Test
    void whatHasBegunIsNotOverdueAndWhatIsClosedIsAConflict() {
        Evidence done = new Evidence(
                Readings.NONE, List.of(), List.of(new Session(DAY_ZERO.plusDays(9), Set.of("squat"), false)));

        assertThat(on(
                                new Fixture()
                                        .asking(bend(30))
                                        .open(from("day 0"))
                                        .duty(BEGIN)
                                        .course(history(done)),
                                20)
                        .duties())
                .singleElement()
                .satisfies(duty -> assertThat(duty.overdue()).isFalse());
        assertThat(on(
                                new Fixture()
                                        .asking(bend(30))
                                        .open(from("day 60"))
                                        .duty(BEGIN)
                                        .course(),
                                20)
                        .duties())
                .singleElement()
                .satisfies(duty -> assertThat(duty.conflict()).isTrue());
    }

    @Test
    void practiceBindsInItsWindowAndConflictsWithWhatIsClosed() {
        Duty practise =
                new Duty.Practise(HEAD, "squat", sixWeeks(Allowed.within(Frequency.parse("10 a day"))), "stiff");
        Fixture open = new Fixture().asking(bend(30)).open(from("day 5")).duty(practise);

        assertThat(on(open.course(), 4).duties())
                .singleElement()
                .satisfies(d -> assertThat(d.conflict()).isTrue());
        assertThat(on(open.course(), 5).duties())
                .singleElement()
                .isInstanceOfSatisfying(DutyStatus.ToPractise.class, duty -> {
                    assertThat(duty.conflict()).isFalse();
                    assertThat(duty.often()).isEqualTo(new Frequency(10, Frequency.Per.DAY));
                });
        assertThat(on(open.course(), 42).duties()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"9,80,false", "10,80,false", "11,80,true", "11,120,false", "60,80,true", "60,120,false"})
    void whatIsNotReachedByItsDayIsOverdue(int day, double bend, boolean overdue) {
        Duty reach = new Duty.Reach(HEAD, "bend", Moment.parse("day 10"), "call");
        Course course = new Fixture().duty(reach).course(history(Evidence.of(new Readings(List.of(flexion(bend, 8))))));

        assertThat(on(course, day).duties())
                .singleElement()
                .satisfies(d -> assertThat(d.overdue()).isEqualTo(overdue));
        assertThat(course.on(DAY_ZERO.plusDays(day), DAY_ZERO, Outlook.TO_PLAN).duties())
                .noneMatch(DutyStatus::overdue);
    }

    @Test
    void whatIsSwitchedOffIsNoLongerDue() {
        Duty practise =
                new Duty.Practise(HEAD, "squat", sixWeeks(Allowed.within(Frequency.parse("10 a day"))), "stiff");
        Fixture stretch = new Fixture()
                .asking(bend(30))
                .open(from("day 0"))
                .offWhen("bend")
                .duty(practise)
                .duty(BEGIN);
        Course reached = stretch.course(history(Evidence.of(new Readings(List.of(flexion(120, 18))))));
        Course short90 = stretch.course(history(Evidence.of(new Readings(List.of(flexion(70, 18))))));

        assertThat(on(reached, 20).duties()).isEmpty();
        assertThat(on(short90, 20).duties()).hasSize(2);
    }

    @Test
    void settingsThatGoByAnUnknownAnswerConflictUnlessOneServesMeanwhile() {
        assertThat(on(worn(false), 5).duties()).hasSize(2).allMatch(DutyStatus::conflict);
        assertThat(on(worn(true), 5).duties()).singleElement().isInstanceOfSatisfying(DutyStatus.Worn.class, duty -> {
            assertThat(duty.setting()).isEqualTo("locked");
            assertThat(duty.conflict()).isFalse();
        });
    }

    private static Course worn(boolean whenUnknown) {
        return new Fixture()
                .duty(wear("a", "tendon", "locked", whenUnknown))
                .duty(wear("b", "donor", "hinged", false))
                .course();
    }

    private static Duty wear(String id, String graft, String setting, boolean whenUnknown) {
        return new Duty.Wear(
                RuleHead.of(id, id).when(graftIs(graft)), "brace", sixWeeks(Allowed.within(setting)), whenUnknown);
    }

    @Test
    void waysThatGoByAnUnknownAnswerCloseTheExerciseUnlessOneServesMeanwhile() {
        assertThat(turning(false, Answers.NONE).on(5).kind()).isEqualTo(VerdictKind.NOT_COVERED);
        assertThat(turning(true, Answers.NONE).on(5).reasons())
                .singleElement()
                .isInstanceOfSatisfying(
                        Reason.SetUpNeeded.class,
                        reason -> assertThat(reason.way()).isEqualTo("left"));
        assertThat(turning(true, new Answers(Map.of("graft", Set.of("donor"))))
                        .on(5)
                        .reasons())
                .singleElement()
                .isInstanceOfSatisfying(
                        Reason.SetUpNeeded.class,
                        reason -> assertThat(reason.way()).isEqualTo("right"));
        assertThat(turning(true, Answers.NONE).on(42).kind()).isEqualTo(VerdictKind.OPEN);
    }

    private static Fixture turning(boolean whenUnknown, Answers answers) {
        return new Fixture()
                .asking(bend(30))
                .open(from("day 0"))
                .answers(answers)
                .setUp(way("a", "tendon", "left", whenUnknown))
                .setUp(way("b", "donor", "right", false));
    }

    private static SetUp way(String id, String graft, String way, boolean whenUnknown) {
        return new SetUp(
                RuleHead.of(id, id).when(graftIs(graft)),
                Set.of("squat"),
                "turning",
                sixWeeks(Allowed.within(way)),
                whenUnknown);
    }

    @Test
    void aSettingOfAnotherExerciseAsksNothingOfThisOne() {
        SetUp other =
                new SetUp(RuleHead.of("o", "o"), Set.of("lunge"), "turning", sixWeeks(Allowed.within("left")), false);
        Fixture fixture = new Fixture().asking(bend(30)).open(from("day 0")).setUp(other);

        assertThat(fixture.on(5).kind()).isEqualTo(VerdictKind.OPEN);
    }

    /** A flare holds what the protocol speaks of; a red flag holds the walk round the block as well. */
    @ParameterizedTest
    @CsvSource({"FLARE,OPEN", "RED_FLAG,ON_HOLD"})
    void aHoldOfWhatTheProtocolDoesNotSpeakOf(Hold.Kind kind, VerdictKind verdict) {
        LocalDate from = DAY_ZERO.plusDays(10);
        Hold hold = new Hold(kind, "why", from, from.plusDays(1), Optional.empty(), "tester");

        assertThat(on(new Fixture().course(history(Evidence.NONE, hold)), 11)
                        .verdict(Fixture.ROLE)
                        .kind())
                .isEqualTo(verdict);
    }

    /** Answers with the kind of a status. */
    private static final DutyStatus.Visitor<String> KIND = new DutyStatus.Visitor<>() {
        @Override
        public String worn(DutyStatus.Worn status) {
            return "worn " + status.setting();
        }

        @Override
        public String practise(DutyStatus.ToPractise status) {
            return "practise " + status.often().times();
        }

        @Override
        public String begin(DutyStatus.ToBegin status) {
            return "begin by " + status.by().number();
        }

        @Override
        public String due(DutyStatus.Due status) {
            return "due by " + status.by().number();
        }

        @Override
        public String heldTooLong(DutyStatus.HeldTooLong status) {
            return "held since " + status.since();
        }
    };

    @Test
    void everyStatusSaysItsRuleAndItsKind() {
        Course course = new Fixture()
                .asking(bend(30))
                .open(from("day 0"))
                .duty(new Duty.Wear(RuleHead.of("w", "Brace"), "brace", sixWeeks(Allowed.within("locked")), false))
                .duty(new Duty.Practise(
                        RuleHead.of("p", "Practise"),
                        "squat",
                        sixWeeks(Allowed.within(Frequency.parse("3 a day"))),
                        "stiff"))
                .duty(new Duty.Begin(RuleHead.of("b", "Begin"), Set.of("squat"), Moment.parse("day 14"), "why"))
                .duty(new Duty.Reach(RuleHead.of("r", "Reach"), "bend", Moment.parse("day 20"), "call"))
                .holdRule(SHORT_HOLDS)
                .course(history(Evidence.NONE, flare(Optional.empty())));
        List<DutyStatus> duties = on(course, 13).duties();

        assertThat(duties).extracting(DutyStatus::ruleId).containsExactlyInAnyOrder("w", "p", "b", "r", "h");
        assertThat(duties)
                .extracting(DutyStatus::title)
                .containsExactlyInAnyOrder("Brace", "Practise", "Begin", "Reach", "hold: flare");
        assertThat(duties)
                .extracting(duty -> duty.accept(KIND))
                .containsExactlyInAnyOrder(
                        "worn locked", "practise 3", "begin by 14", "due by 20", "held since " + DAY_ZERO.plusDays(12));
        assertThat(duties)
                .filteredOn(DutyStatus::overdue)
                .extracting(DutyStatus::ruleId)
                .containsExactly("h");
    }

    private static final HoldRule SHORT_HOLDS = new HoldRule(
            "h", Set.of(Hold.Kind.FLARE), OptionalInt.of(2), "call", Optional.of(new HoldRule.ReEntry(60, 5)));

    private static Hold flare(Optional<LocalDate> ended) {
        LocalDate from = DAY_ZERO.plusDays(10);
        return new Hold(Hold.Kind.FLARE, "flare", from, from.plusDays(1), ended, "tester");
    }

    @ParameterizedTest
    @CsvSource({"11,0", "12,1"})
    void aHoldThatLastsTooLongEscalates(int day, int duties) {
        Course course = new Fixture().holdRule(SHORT_HOLDS).course(history(Evidence.NONE, flare(Optional.empty())));

        assertThat(on(course, day).duties()).hasSize(duties).allMatch(DutyStatus::overdue);
    }

    @ParameterizedTest
    @CsvSource({"12,ON_HOLD", "13,OPEN_WITH_LIMIT", "17,OPEN_WITH_LIMIT", "18,OPEN"})
    void afterAHoldTheDoseBeginsAgainLower(int day, VerdictKind kind) {
        Course course = new Fixture()
                .asking(bend(30))
                .open(from("day 0"))
                .holdRule(SHORT_HOLDS)
                .course(history(Evidence.NONE, flare(Optional.of(DAY_ZERO.plusDays(13)))));

        assertThat(on(course, day).verdict(Fixture.ROLE).kind()).isEqualTo(kind);
        assertThat(course.timeline()).contains(DAY_ZERO.plusDays(13), DAY_ZERO.plusDays(18));
    }

    @Test
    void anOpeningOnAnotherClockWaitsForIt() {
        waypost.core.protocol.Opening.Case later = new waypost.core.protocol.Opening.Case(
                waypost.core.question.Condition.ALWAYS,
                "injection",
                Moment.parse("2 weeks"),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.empty());
        Fixture fixture = new Fixture().asking(bend(30)).open(later);

        assertThat(fixture.on(50).reasons()).singleElement().isInstanceOf(NotYet.ClockNotStarted.class);
        Fixture started = fixture.clocks(new Clocks(DAY_ZERO, Map.of("injection", List.of(DAY_ZERO.plusDays(30)))));
        assertThat(started.on(43).kind()).isEqualTo(VerdictKind.NOT_YET);
        assertThat(started.on(44).kind()).isEqualTo(VerdictKind.OPEN);
    }

    @Test
    void anOffSwitchIsOnWhileItsPurposeIsReachedAndOffWhenItIsLost() {
        Fixture stretch = new Fixture().asking(bend(30)).open(from("day 0")).offWhen("bend");
        Course reached = stretch.course(history(Evidence.of(new Readings(List.of(flexion(120, 8))))));
        Course lost = stretch.course(history(Evidence.of(new Readings(List.of(flexion(120, 8), flexion(70, 9))))));

        assertThat(on(reached, 10).switchedOff()).containsExactly(Fixture.ROLE);
        assertThat(on(lost, 10).switchedOff()).isEmpty();
    }
}
