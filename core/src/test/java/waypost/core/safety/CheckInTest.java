package waypost.core.safety;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import waypost.core.body.Joint;
import waypost.core.body.Region;
import waypost.core.body.Tissue;

class CheckInTest {

    private static final RedFlag CALF = flag("calf", Tier.SAME_DAY, Set.of());
    private static final RedFlag BREATH = flag("breath", Tier.EMERGENCY, Set.of());
    private static final RedFlag SHARP = flag("sharp", Tier.STEP_BACK, Set.of(Joint.KNEE));
    private static final List<RedFlag> ASKED = List.of(SHARP, CALF, BREATH);

    private static RedFlag flag(String id, Tier tier, Set<Joint> joints) {
        return new RedFlag(id, id + "?", tier, "think", "says", joints, Set.of());
    }

    private static CheckIn with(CheckIn.Swelling swelling, String... flags) {
        return new CheckIn(2, Optional.of(3), Optional.empty(), swelling, Set.of(flags));
    }

    @Test
    void theGravestFlagDecides() {
        CheckIn checkIn = with(CheckIn.Swelling.NONE, "sharp", "calf", "breath");

        assertThat(checkIn.raised(ASKED)).containsExactly(BREATH, CALF, SHARP);
        assertThat(checkIn.gravest(ASKED)).contains(Tier.EMERGENCY);
    }

    @Test
    void onlyTheTwoGravestStopTreatment() {
        assertThat(Tier.EMERGENCY.stopsTreatment()).isTrue();
        assertThat(Tier.SAME_DAY.stopsTreatment()).isTrue();
        assertThat(Tier.STEP_BACK.stopsTreatment()).isFalse();
        assertThat(Tier.HOLD_PROGRESS.stopsTreatment()).isFalse();
    }

    @Test
    void moreSwellingAloneHoldsProgressAndHidesNoFlag() {
        assertThat(with(CheckIn.Swelling.NONE).gravest(ASKED)).isEmpty();
        assertThat(with(CheckIn.Swelling.MORE).gravest(ASKED)).contains(Tier.HOLD_PROGRESS);
        assertThat(with(CheckIn.Swelling.MORE, "calf").gravest(ASKED)).contains(Tier.SAME_DAY);
    }

    @Test
    void aFlagOfAJointIsAskedOnlyWhereItWasOperated() {
        Region knee = new Region(Set.of(Joint.KNEE), Set.of(), Set.of());
        Region hand = new Region(Set.of(Joint.PIP), Set.of(), Set.of());

        assertThat(SHARP.concerns(knee)).isTrue();
        assertThat(SHARP.concerns(hand)).isFalse();
        assertThat(BREATH.concerns(hand)).isTrue();
    }

    @Test
    void aFlagOfATissueIsAskedOnlyWhereItWasTreated() {
        RedFlag bulge = new RedFlag("bulge", "?", Tier.SAME_DAY, "", "", Set.of(Joint.SHOULDER), Set.of(Tissue.BICEPS));

        assertThat(bulge.concerns(new Region(Set.of(Joint.SHOULDER), Set.of(Tissue.BICEPS), Set.of())))
                .isTrue();
        assertThat(bulge.concerns(new Region(Set.of(Joint.SHOULDER), Set.of(Tissue.LABRUM), Set.of())))
                .isFalse();
        assertThat(bulge.concerns(new Region(Set.of(Joint.KNEE), Set.of(Tissue.BICEPS), Set.of())))
                .isFalse();
    }

    @Test
    void painIsZeroToTen() {
        assertThatThrownBy(() -> new CheckIn(11, Optional.empty(), Optional.empty(), CheckIn.Swelling.NONE, Set.of()))
                .hasMessage("pain now: found 11, allowed: 0 to 10");
    }
}
