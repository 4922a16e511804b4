package waypost.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.DAY_ZERO;
import static waypost.core.gate.Fixture.GRAFT;
import static waypost.core.gate.Fixture.ROLE;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.from;
import static waypost.core.gate.Fixture.graftIs;
import static waypost.core.gate.Fixture.head;

import java.util.List;
import org.junit.jupiter.api.Test;
import waypost.core.body.Arc;
import waypost.core.body.Motion;
import waypost.core.gate.Fixture;
import waypost.core.limit.Allowed;
import waypost.core.limit.Circumstance;
import waypost.core.limit.MotionLimit;
import waypost.core.question.Answers;
import waypost.core.question.Question;

/** What each answer to an open question would open, the question with most to open first. */
class UnlockingTest {

    private static Fixture fixture() {
        return new Fixture()
                .asking(bend(90))
                .open(from("day 0"))
                .question(Question.finding(
                        "colour",
                        "Which colour?",
                        List.of(new Question.Value("red", "red"), new Question.Value("blue", "blue"))))
                .limit(new MotionLimit(
                        head("donor", graftIs("donor")),
                        Circumstance.any(Motion.KNEE_FLEXION),
                        Fixture.sixWeeks(Allowed.within(Arc.between(-25, 30)))));
    }

    @Test
    void theAnswerThatOpensIsNamedFirst() {
        List<Unlocking> ranked = Unlocking.ranked(fixture().course(), DAY_ZERO.plusDays(10));

        assertThat(ranked)
                .extracting(Unlocking::question)
                .extracting(Question::id)
                .startsWith(GRAFT.id());
        assertThat(ranked).hasSize(2).extracting(Unlocking::most).containsExactly(1, 0);
        assertThat(ranked.get(0).opensUnder().get("tendon")).containsExactly(ROLE);
        assertThat(ranked.get(0).opensUnder().get("donor")).isEmpty();
    }

    @Test
    void anAnsweredQuestionUnlocksNothing() {
        Fixture answered =
                fixture().answers(Answers.NONE.with("graft", "tendon").with("colour", "red"));

        assertThat(Unlocking.ranked(answered.course(), DAY_ZERO.plusDays(10))).isEmpty();
    }
}
