package waypost.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.DAY_ZERO;
import static waypost.core.gate.Fixture.flexion;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.gate.Fixture;
import waypost.core.log.Evidence;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;

/** A bend that was helped along is told as what it would have met, and meets nothing. */
class CompensatedTest {

    private static final Reading HELPED = new Reading(
            Fixture.FLEXION.id(),
            Side.RIGHT,
            Mode.PASSIVE,
            Fixture.FLEXION.amount(100),
            DAY_ZERO.plusDays(10),
            false,
            "tester",
            Optional.empty(),
            Optional.empty());

    private static Standing standing(Reading... readings) {
        return new Fixture()
                .course(History.of(Side.RIGHT, Evidence.of(new Readings(List.of(readings))), List.of(), List.of()))
                .on(DAY_ZERO.plusDays(12), DAY_ZERO.plusDays(12), Outlook.TIME_ONLY);
    }

    @Test
    void whatWouldHaveBeenMetIsNamedAndNotMet() {
        Standing helped = standing(HELPED);

        assertThat(Compensated.wouldMeet(helped)).containsExactly("bend");
        assertThat(helped.milestone("bend").isMet()).isFalse();
    }

    @Test
    void whatIsMetAnywayIsNotNamed() {
        assertThat(Compensated.wouldMeet(standing(HELPED, flexion(95, 11)))).isEmpty();
        assertThat(Compensated.wouldMeet(standing(flexion(95, 11)))).isEmpty();
        assertThat(Compensated.wouldMeet(standing(flexion(60, 11)))).isEmpty();
    }
}
