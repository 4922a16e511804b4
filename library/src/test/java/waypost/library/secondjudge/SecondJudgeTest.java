package waypost.library.secondjudge;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("slow")
class SecondJudgeTest {

    private static final int COURSES = 600;

    /** The same kind and the same objecting rules, over all shipped protocols. */
    @Test
    void bothJudgesAgreeOnEveryGeneratedCase() {
        Agreement agreement = new Agreement();

        assertThat(agreement.over(COURSES)).isEmpty();
        assertThat(agreement.cases()).isGreaterThanOrEqualTo(20_000);
        System.out.printf(
                "%,d cases; the second judge takes %.1f times as long%n", agreement.cases(), agreement.slower());
    }
}
