package waypost.core.resolved;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static waypost.core.gate.Fixture.DAY_ZERO;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.from;
import static waypost.core.gate.Fixture.graftIs;
import static waypost.core.gate.Fixture.head;
import static waypost.core.gate.Fixture.sixWeeks;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import waypost.core.body.Mode;
import waypost.core.body.Tissue;
import waypost.core.gate.Fixture;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.Provenance;
import waypost.core.limit.Quantity;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
import waypost.core.question.Question;

class ResolverTest {

    private static Fixture donorRule() {
        return new Fixture()
                .asking(bend(60))
                .open(from("day 0"))
                .limit(new AmountLimit<>(
                        head("donor.rule", graftIs("donor")),
                        new Quantity.Effort(Tissue.HAMSTRING, Set.of(Mode.RESISTED), Set.of()),
                        sixWeeks(Allowed.nothing())));
    }

    private static Resolved resolved(Answers answers) {
        return Resolver.resolve(donorRule().protocol(), answers, DAY_ZERO);
    }

    @Test
    void keepsARuleWhileItsAnswerIsPossibleAndSaysThatItIsNotCertain() {
        assertThat(resolved(Answers.NONE).limits())
                .singleElement()
                .satisfies(limit -> assertThat(limit.from().because())
                        .containsExactly(new Provenance.Because("graft", "Which graft?", Set.of("donor"), false)));
        assertThat(resolved(Answers.NONE).unanswered()).containsExactly(Fixture.GRAFT);
    }

    @Test
    void isCertainOnceItIsStatedAndGoneOnceItIsRuledOut() {
        assertThat(resolved(new Answers(Map.of("graft", Set.of("donor")))).limits())
                .singleElement()
                .satisfies(limit ->
                        assertThat(limit.from().because().get(0).certain()).isTrue());
        assertThat(resolved(new Answers(Map.of("graft", Set.of("tendon")))).limits())
                .isEmpty();
    }

    @Test
    void refusesAnswersThatTheProtocolDoesNotKnow() {
        assertThatThrownBy(() -> resolved(new Answers(Map.of("graft", Set.of("cobweb")))))
                .hasMessage("graft: found 'cobweb', allowed: tendon, donor");
        assertThatThrownBy(() -> resolved(new Answers(Map.of("weather", Set.of("fine")))))
                .hasMessage("answer: found 'weather', allowed: graft");
        assertThatThrownBy(() -> new Answers(Map.of("graft", Set.of())))
                .hasMessage("graft: found no possible value, allowed: at least one, or not stated");
    }

    @Test
    void onlyASchoolHasADefaultAndItIsShownAsOne() {
        Question school = new Question(
                "pace",
                "Which pace?",
                List.of(new Question.Value("slow", "slow"), new Question.Value("fast", "fast")),
                Question.Kind.SCHOOL,
                Condition.ALWAYS,
                Optional.of("slow"),
                Optional.empty());

        assertThat(Answers.NONE.possible(school)).containsExactly("slow");
        assertThat(Answers.NONE.usesDefault(school)).isTrue();
        assertThat(Answers.NONE.possible(Fixture.GRAFT)).containsExactly("tendon", "donor");
        assertThat(new Answers(Map.of("pace", Set.of("fast"))).usesDefault(school))
                .isFalse();
    }
}
