package waypost.core.gate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import waypost.core.exercise.RoleKey;
import waypost.core.reason.Reason;
import waypost.core.reason.Uncovered;
import waypost.core.reason.VerdictKind;

/** What is decided is what the reasons say, and can't be anything else. */
class VerdictTest {

    private static final RoleKey ROLE = new RoleKey("lunge", "operated");
    private static final List<Reason> SILENT = List.of(new Uncovered.NotCovered("Knee 1.0", List.of()));

    @Test
    void isTheWorstThatAReasonMakesOfIt() {
        assertThat(Verdict.of(ROLE, List.of(), Optional.empty()).kind()).isEqualTo(VerdictKind.OPEN);
        assertThat(Verdict.of(ROLE, SILENT, Optional.empty()).kind()).isEqualTo(VerdictKind.NOT_COVERED);
    }

    @Test
    void cannotBeOpenAgainstAReason() {
        assertThatThrownBy(() -> new Verdict(ROLE, VerdictKind.OPEN, SILENT, Optional.empty()))
                .hasMessage("lunge/operated: found OPEN, allowed: NOT_COVERED");
    }
}
