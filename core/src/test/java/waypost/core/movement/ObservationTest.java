package waypost.core.movement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ObservationTest {

    private static Observation watched(Watched movement, Map<Fault, Grade> operated, Map<Fault, Grade> other) {
        return new Observation(
                movement,
                movement.faults().stream()
                        .map(fault -> new Seen(
                                fault, operated.getOrDefault(fault, Grade.NONE), other.getOrDefault(fault, Grade.NONE)))
                        .toList(),
                0,
                OptionalInt.empty());
    }

    /** What is only slight is not clean: a milestone is not met by a kind eye. */
    @ParameterizedTest
    @EnumSource
    void aMovementIsCleanOnlyWithoutAnyFaultOfTheOperatedSide(Watched movement) {
        assertThat(movement.faults()).hasSizeGreaterThan(3);
        assertThat(watched(movement, Map.of(), Map.of()).isClean()).isTrue();
        for (Fault fault : movement.faults()) {
            assertThat(watched(movement, Map.of(fault, Grade.SLIGHT), Map.of()).isClean())
                    .isFalse();
            assertThat(watched(movement, Map.of(), Map.of(fault, Grade.PLAIN)).isClean())
                    .isTrue();
        }
    }

    @Test
    void thePlainestComesFirstAndBothSidesAlikeIsNotOfTheOperatedOne() {
        Observation step = watched(
                Watched.STEP_DOWN,
                Map.of(Fault.KNEE_FALLS_INWARD, Grade.SLIGHT, Fault.PELVIS_DROPS, Grade.PLAIN),
                Map.of(Fault.KNEE_FALLS_INWARD, Grade.SLIGHT));

        assertThat(step.faults()).extracting(Seen::fault).containsExactly(Fault.PELVIS_DROPS, Fault.KNEE_FALLS_INWARD);
        assertThat(step.faults()).extracting(Seen::isOfTheOperatedSide).containsExactly(true, false);
    }

    @Test
    void aFaultLeftOutTwiceOrOfAnotherMovementIsRefused() {
        List<Seen> all =
                new ArrayList<>(watched(Watched.GAIT, Map.of(), Map.of()).seen());
        Seen first = all.remove(0);

        assertThatThrownBy(() -> new Observation(Watched.GAIT, all, 0, OptionalInt.empty()))
                .hasMessageContaining("allowed: each of");
        all.add(new Seen(Fault.BLADE_WINGS, Grade.NONE, Grade.NONE));
        assertThatThrownBy(() -> new Observation(Watched.GAIT, all, 0, OptionalInt.empty()))
                .hasMessageContaining("allowed: each of");
        all.add(first);
        all.add(first);
        assertThatThrownBy(() -> new Observation(Watched.GAIT, all, 0, OptionalInt.empty()))
                .hasMessageContaining("allowed: each of");
    }

    @Test
    void painIsZeroToTenAndBeginsAtAnAngleOnlyWhereThereIsAny() {
        List<Seen> seen = watched(Watched.ARM_RAISE, Map.of(), Map.of()).seen();

        assertThat(new Observation(Watched.ARM_RAISE, seen, 4, OptionalInt.of(70)).painFrom())
                .hasValue(70);
        assertThatThrownBy(() -> new Observation(Watched.ARM_RAISE, seen, 0, OptionalInt.of(70)))
                .hasMessageContaining("an angle only with pain");
        assertThatThrownBy(() -> new Observation(Watched.ARM_RAISE, seen, 11, OptionalInt.empty()))
                .hasMessageContaining("allowed: 0 to 10");
    }
}
