package waypost.library.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.core.body.Joint;
import waypost.library.Shipped;
import waypost.library.bundle.Bundle;
import waypost.library.desk.DeskParts;

/** The nearest protocol is the one that leaves the same on the most days. */
@Tag("slow")
class NearnessTest {

    private static final Bundle SHIPPED = Shipped.BUNDLE;
    private static final DeskParts PARTS = new DeskParts(SHIPPED);

    @Test
    void aTerseKneePaperComesNearToWhatItWasWrittenOver() {
        List<Nearness> all = Nearness.of(PaperTest.Written.KNEE.paper(), Joint.KNEE, PARTS, SHIPPED);

        assertThat(all.subList(0, 2))
                .as("a ligament of which it is not said whether the meniscus was sewn too keeps to its rules")
                .extracting(near -> near.protocol().id())
                .containsExactlyInAnyOrder("knee.meniscus-repair", "knee.ligament-reconstruction");
        assertThat(all.get(all.size() - 1).protocol().id()).isEqualTo("knee.beginner-strength");
        assertThat(all).extracting(near -> near.protocol().id()).allMatch(id -> id.startsWith("knee."));
        assertThat(all)
                .isSortedAccordingTo((one, other) ->
                        Double.compare((double) other.alike() / other.days(), (double) one.alike() / one.days()));
        assertThat(all).allSatisfy(near -> {
            assertThat(near.subjects()).isEqualTo(all.get(0).subjects());
            assertThat(near.spoken()).isBetween(0, near.subjects());
            assertThat(near.alike()).isBetween(0, near.days());
        });
    }

    @Test
    void aPaperWithoutALimitIsAsNearToEvery() {
        assertThat(Nearness.of(new Paper("own.x", "X", "wrist.distal-radius", List.of()), Joint.WRIST, PARTS, SHIPPED))
                .hasSizeGreaterThan(1)
                .allSatisfy(near ->
                        assertThat(near.alike() + near.days() + near.subjects()).isZero());
    }
}
