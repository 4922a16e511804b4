package waypost.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.GRAFT;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.from;
import static waypost.core.gate.Fixture.graftIs;
import static waypost.core.gate.Fixture.head;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import waypost.core.body.Arc;
import waypost.core.body.Motion;
import waypost.core.gate.Fixture;
import waypost.core.limit.Allowed;
import waypost.core.limit.Circumstance;
import waypost.core.limit.MotionLimit;
import waypost.core.question.Condition;
import waypost.core.question.Question;

/** What a referral asks first. */
class QuestionOrderTest {

    private static final List<Question.Value> COLOURS =
            List.of(new Question.Value("red", "red"), new Question.Value("blue", "blue"));

    private static Fixture fixture(Question... questions) {
        Fixture fixture = new Fixture()
                .asking(bend(90))
                .open(from("day 0"))
                .limit(new MotionLimit(
                        head("donor", graftIs("donor")),
                        Circumstance.any(Motion.KNEE_FLEXION),
                        Fixture.sixWeeks(Allowed.within(Arc.between(-25, 30)))));
        for (Question question : questions) {
            fixture = fixture.question(question);
        }
        return fixture;
    }

    private static List<String> order(Fixture fixture) {
        return QuestionOrder.of(fixture.course()).stream().map(Question::id).toList();
    }

    @Test
    void whatOpensMostIsAskedFirst() {
        assertThat(order(fixture(Question.finding("colour", "Which colour?", COLOURS))))
                .containsExactly(GRAFT.id(), "colour");
    }

    @Test
    void aQuestionFollowsTheOneOnWhichItHangs() {
        Question shade = Question.finding("shade", "Which shade?", COLOURS);
        Question colour = Question.finding("colour", "Which colour?", COLOURS);

        assertThat(order(fixture(shade.asked(new Condition(Map.of("colour", Set.of("red")))), colour)))
                .containsSubsequence("colour", "shade");
    }
}
