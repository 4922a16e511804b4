package waypost.core.gate;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.from;
import static waypost.core.gate.Fixture.graftIs;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import waypost.core.body.Arc;
import waypost.core.body.Motion;
import waypost.core.limit.Allowed;
import waypost.core.limit.Authority;
import waypost.core.limit.Circumstance;
import waypost.core.limit.MotionLimit;
import waypost.core.limit.RuleHead;
import waypost.core.protocol.Included;
import waypost.core.protocol.Opening;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
import waypost.core.question.Question;
import waypost.core.reason.NotYet;
import waypost.core.reason.Uncovered;
import waypost.core.reason.VerdictKind;
import waypost.core.time.Clocks;

/** A healing part that a protocol includes is met beside the protocol's own rules; nothing reopens. */
class PartsTest {

    private static final Included TENDON =
            new Included("tendon", "Donor tendon", "2", "made up", graftIs("tendon"), Map.of(), Map.of(), Set.of());

    private static Fixture including(Opening.Case... cases) {
        return new Fixture().asking(bend(60)).open(from("day 0")).part(new Opening.OfPart(TENDON, List.of(cases)));
    }

    private static Answers graft(String value) {
        return new Answers(Map.of("graft", Set.of(value)));
    }

    @Test
    void opensNotBeforeThePartDoes() {
        Fixture fixture = including(from(graftIs("tendon"), "day 30")).answers(graft("tendon"));

        assertThat(fixture.on(29).kind()).isEqualTo(VerdictKind.NOT_YET);
        assertThat(fixture.on(30).kind()).isEqualTo(VerdictKind.OPEN);
    }

    @Test
    void opensNotBeforeTheProtocolDoesEither() {
        Fixture fixture = new Fixture()
                .asking(bend(60))
                .open(from("day 40"))
                .part(new Opening.OfPart(TENDON, List.of(from(graftIs("tendon"), "day 10"))))
                .answers(graft("tendon"));

        assertThat(fixture.on(20).kind()).isEqualTo(VerdictKind.NOT_YET);
    }

    @Test
    void thePartHoldsWhileItMayBelongAndNotWhereItDoesNot() {
        Fixture fixture = including(from(graftIs("tendon"), "day 30"));

        assertThat(fixture.on(20).kind()).isEqualTo(VerdictKind.NOT_YET);
        assertThat(fixture.answers(graft("donor")).on(20).kind()).isEqualTo(VerdictKind.OPEN);
    }

    @Test
    void whatThePartIsSilentOnIsNotCoveredAndItSaysSo() {
        assertThat(including().answers(graft("tendon")).on(20).reasons())
                .containsExactly(new Uncovered.NotCovered("Donor tendon 2", List.of()));
        assertThat(including().on(20).reasons())
                .containsExactly(new Uncovered.NotCovered("Donor tendon 2", List.of("graft")));
        assertThat(including().answers(graft("donor")).on(20).kind()).isEqualTo(VerdictKind.OPEN);
    }

    @Test
    void theCasesOfAPartDoNotMakeUpForThoseThatTheProtocolLacks() {
        Fixture fixture = new Fixture()
                .asking(bend(60))
                .open(from(graftIs("donor"), "day 0"))
                .part(new Opening.OfPart(TENDON, List.of(from(graftIs("tendon"), "day 0"))))
                .answers(graft("tendon"));

        assertThat(fixture.on(20).kind()).isEqualTo(VerdictKind.NOT_COVERED);
    }

    @Test
    void theReasonNamesThePartAndTheAnswerThatBringsItIn() {
        NotYet.BeforeDay reason = (NotYet.BeforeDay) including(from(graftIs("tendon"), "day 30"))
                .answers(graft("tendon"))
                .on(20)
                .reasons()
                .get(0);

        assertThat(reason.rule().authority()).isEqualTo(new Authority.FromPart("Donor tendon 2", "Test knee 1"));
        assertThat(reason.rule().because())
                .singleElement()
                .satisfies(because -> assertThat(because.values()).containsExactly("tendon"));
    }

    private static Fixture mendedAgainOn(int day, Fixture fixture) {
        return fixture.clocks(Clocks.startingOn(Fixture.DAY_ZERO)
                .with(Map.of("second-repair", List.of(Fixture.DAY_ZERO.plusDays(day)))));
    }

    @Test
    void aPartThatHoldsAnewOpensAsLateAfterTheEventAsAfterDayZero() {
        Included mended = new Included(
                "tendon",
                "Donor tendon",
                "2",
                "made up",
                graftIs("tendon"),
                Map.of(),
                Map.of(),
                Set.of("second-repair"));
        Fixture fixture = new Fixture()
                .asking(bend(60))
                .open(from("day 0"))
                .part(new Opening.OfPart(mended, List.of(from(graftIs("tendon"), "day 30"))))
                .answers(graft("tendon"));

        assertThat(fixture.on(60).kind()).isEqualTo(VerdictKind.OPEN);
        assertThat(mendedAgainOn(40, fixture).on(60).kind()).isEqualTo(VerdictKind.NOT_YET);
        assertThat(mendedAgainOn(40, fixture).on(70).kind()).isEqualTo(VerdictKind.OPEN);
    }

    @Test
    void aLimitThatHoldsAnewHoldsFromTheEvent() {
        RuleHead head = new RuleHead(
                "m", "m", Condition.ALWAYS, false, Set.of(), Set.of(), "", Set.of("second-repair"), false, "");
        Fixture fixture = new Fixture()
                .asking(bend(60))
                .open(from("day 0"))
                .limit(new MotionLimit(
                        head,
                        Circumstance.any(Motion.KNEE_FLEXION),
                        Fixture.sixWeeks(Allowed.within(Arc.between(-25, 30)))));

        assertThat(fixture.on(60).kind()).isEqualTo(VerdictKind.OPEN);
        assertThat(mendedAgainOn(50, fixture).on(60).kind()).isEqualTo(VerdictKind.BARRED);
        assertThat(mendedAgainOn(50, fixture).on(92).kind()).isEqualTo(VerdictKind.OPEN);
    }

    /** What only a part needs to know closes nothing where the part does not belong. */
    @Test
    void aDecisiveQuestionOfAPartCountsOnlyWithThePart() {
        Question width = new Question(
                        "width",
                        "How wide?",
                        List.of(new Question.Value("thin", "thin"), new Question.Value("wide", "wide")),
                        Question.Kind.DECISIVE,
                        Condition.ALWAYS,
                        Optional.empty(),
                        Optional.empty())
                .asked(graftIs("tendon"));
        Fixture fixture = including(from(graftIs("tendon"), "day 0")).question(width);

        assertThat(fixture.answers(graft("tendon")).on(20).kind()).isEqualTo(VerdictKind.NOT_COVERED);
        assertThat(fixture.answers(graft("donor")).on(20).kind()).isEqualTo(VerdictKind.OPEN);
        assertThat(fixture.answers(graft("donor")).gate()).isNotNull();
    }
}
