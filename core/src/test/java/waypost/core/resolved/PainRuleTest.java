package waypost.core.resolved;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static waypost.core.gate.Fixture.graftIs;
import static waypost.core.gate.Fixture.head;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.gate.Fixture;
import waypost.core.protocol.PainRule;
import waypost.core.question.Answers;

/** Two schools of pain, as for a strained hamstring: none at all, or up to 4 of 10. */
class PainRuleTest {

    private static Fixture twoSchools() {
        return new Fixture()
                .pain(
                        new PainRule(head("some", graftIs("tendon")), 4),
                        new PainRule(head("none", graftIs("donor")), 0));
    }

    @ParameterizedTest
    @CsvSource({"tendon,4", "donor,0"})
    void theAnswerChooses(String graft, int most) {
        assertThat(twoSchools()
                        .answers(Answers.NONE.with("graft", graft))
                        .resolved()
                        .pain()
                        .orElseThrow()
                        .rule()
                        .most())
                .isEqualTo(most);
    }

    @Test
    void whileItIsOpenTheLeastPainHolds() {
        Resolved.PainInForce pain = twoSchools().resolved().pain().orElseThrow();

        assertThat(pain.rule().most()).isZero();
        assertThat(pain.from().because())
                .singleElement()
                .satisfies(why -> assertThat(why.certain()).isFalse());
    }

    @Test
    void aProtocolMaySayNothingAboutPain() {
        assertThat(new Fixture().resolved().pain()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, 11})
    void painIsCountedFromNoneToTen(int most) {
        assertThatThrownBy(() -> new PainRule(head("pain"), most))
                .hasMessageContaining("found " + most)
                .hasMessageContaining("allowed: 0 to 10");
    }
}
