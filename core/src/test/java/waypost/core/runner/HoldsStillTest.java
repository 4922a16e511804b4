package waypost.core.runner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Fixture;
import waypost.core.gate.Verdict;

/** Held still only when every push of every open position was. */
class HoldsStillTest {

    private static final List<String> DIRECTIONS = List.of("Forward", "Back", "In", "Out");

    private static HoldsStill.Position position(boolean open) {
        Role role = new Fixture().squat().roles().get(0);
        Verdict verdict = open
                ? new Fixture()
                        .asking(Fixture.bend(60))
                        .open(Fixture.from("day 0"))
                        .on(3)
                : new Fixture()
                        .asking(Fixture.bend(60))
                        .open(Fixture.from("day 30"))
                        .on(3);
        assertThat(verdict.role()).isEqualTo(new RoleKey("squat", "operated"));
        return new HoldsStill.Position(role, open ? "at the side" : "level", DIRECTIONS, verdict);
    }

    @ParameterizedTest
    @CsvSource({
        "SSSSSSSSSSSS,true",
        "SSSSSSSSSSSW,false",
        "WSSSSSSSSSSS,false",
        "SSSSSPSSSSSS,false",
        "SSSSSSSSSSS,false",
        "SSSSSSSSSSSSS,false",
        "SSSSSSSSSSSS SSSSSSSSSSSS,false"
    })
    void oneWaverIsEnough(String answers, boolean still) {
        HoldsStill asked = new HoldsStill(List.of(position(true), position(false)));
        assertThat(asked.isStill(HoldsStill.answers(answers))).isEqualTo(still);
    }

    @Test
    void whereNothingIsOpenNothingIsHeld() {
        assertThat(new HoldsStill(List.of(position(false))).isStill(List.of())).isFalse();
        assertThat(new HoldsStill(List.of()).isStill(List.of())).isFalse();
    }

    /** Each direction three times, never told beforehand, the same for the same seed. */
    @Test
    void everyDirectionEquallyOften() {
        HoldsStill.Position position = position(true);
        for (long seed = 0; seed < 200; seed++) {
            List<String> pushes = position.pushes(seed);
            assertThat(pushes).hasSize(12).isEqualTo(position.pushes(seed));
            DIRECTIONS.forEach(direction ->
                    assertThat(Collections.frequency(pushes, direction)).isEqualTo(3));
        }
        assertThat(position.pushes(1)).isNotEqualTo(position.pushes(2));
    }

    @ParameterizedTest
    @ValueSource(strings = {"X", "SSx", "S,S"})
    void lettersThatAreNoneAreRefused(String answers) {
        assertThatThrownBy(() -> HoldsStill.answers(answers)).hasMessageContaining("allowed: S, W or P");
    }
}
