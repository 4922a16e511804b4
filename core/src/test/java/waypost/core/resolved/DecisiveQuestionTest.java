package waypost.core.resolved;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.facts;
import static waypost.core.gate.Fixture.from;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Region;
import waypost.core.body.Tissue;
import waypost.core.gate.Fixture;
import waypost.core.gate.Verdict;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
import waypost.core.question.Question;
import waypost.core.reason.Uncovered;
import waypost.core.reason.VerdictKind;

/** The answers that a course stands on: a direction, a muscle. */
class DecisiveQuestionTest {

    private static final Question DIRECTION = new Question(
            "direction",
            "In which direction?",
            List.of(new Question.Value("front", "to the front"), new Question.Value("back", "to the back")),
            Question.Kind.DECISIVE,
            Condition.ALWAYS,
            Optional.empty(),
            Optional.empty());

    private static Fixture asked() {
        return new Fixture().question(DIRECTION).asking(bend(60)).open(from("day 0"));
    }

    @Test
    void nothingOpensWhileItIsUnknownAndTheVerdictNamesIt() {
        Verdict verdict = asked().on(200);

        assertThat(verdict.kind()).isEqualTo(VerdictKind.NOT_COVERED);
        assertThat(verdict.reasons()).containsExactly(new Uncovered.NotCovered("Test knee 1", List.of("direction")));
    }

    @ParameterizedTest
    @ValueSource(strings = {"front", "back"})
    void anyAnswerOpens(String direction) {
        assertThat(asked().answers(Answers.NONE.with("direction", direction))
                        .on(0)
                        .kind())
                .isEqualTo(VerdictKind.OPEN);
    }

    @Test
    void severalPossibleValuesAreNoAnswer() {
        Answers both = new Answers(Map.of("direction", Set.of("front", "back")));

        assertThat(asked().answers(both).on(0).kind()).isEqualTo(VerdictKind.NOT_COVERED);
    }

    /** An answer for which the protocol is not meant opens nothing, and neither does its being possible. */
    @Test
    void nothingOpensForAnAnswerOutsideTheProtocol() {
        Question which = new Question(
                "ligament",
                "Which ligament?",
                List.of(new Question.Value("anterior", "anterior"), new Question.Value("posterior", "posterior", true)),
                Question.Kind.FINDING,
                Condition.ALWAYS,
                Optional.empty(),
                Optional.empty());
        Fixture fixture = new Fixture().question(which).asking(bend(60)).open(from("day 0"));

        assertThat(fixture.on(200).reasons())
                .containsExactly(new Uncovered.NotCovered("Test knee 1", List.of("ligament")));
        assertThat(fixture.answers(Answers.NONE.with("ligament", "posterior"))
                        .on(200)
                        .reasons())
                .containsExactly(new Uncovered.NotCovered("Test knee 1", List.of()));
        assertThat(fixture.answers(Answers.NONE.with("ligament", "anterior"))
                        .on(0)
                        .kind())
                .isEqualTo(VerdictKind.OPEN);
    }

    @Test
    void aSchoolMayNotBeDecisive() {
        assertThat(DIRECTION.isDecisive()).isTrue();
        assertThat(Fixture.GRAFT.isDecisive()).isFalse();
        assertThat(DIRECTION.isSchool()).isFalse();
    }

    /** The region grows by what an answer names, and by everything that it may name while it is not given. */
    @Test
    void anAnswerMayAddJointsTissuesAndLimbs() {
        Region ankle = new Region(Set.of(Joint.ANKLE), Set.of(Tissue.CALF), Set.of());
        Condition back = new Condition(Map.of("direction", Set.of("back")));
        Fixture fixture = asked().besides(back, ankle);

        assertThat(fixture.resolved().region())
                .isEqualTo(new Region(
                        Set.of(Joint.KNEE, Joint.ANKLE),
                        Set.of(Tissue.CRUCIATE_GRAFT, Tissue.HAMSTRING, Tissue.CALF),
                        Set.of(Limb.LEG)));
        assertThat(fixture.answers(Answers.NONE.with("direction", "back"))
                        .resolved()
                        .region()
                        .joints())
                .contains(Joint.ANKLE);
        assertThat(fixture.answers(Answers.NONE.with("direction", "front"))
                        .resolved()
                        .region()
                        .joints())
                .containsExactly(Joint.KNEE);
        assertThat(fixture.gate().judge(Fixture.ROLE, facts(0)).kind()).isEqualTo(VerdictKind.OPEN);
    }
}
