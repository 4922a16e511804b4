package waypost.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.exercise.Progression;

/** A dose goes on by the exercise's own rule, with a number within its bounds, or not at all. */
class GoesOnByTest {

    @ParameterizedTest
    @CsvSource({"CONTACTS,CONTACTS", "CONTACTS,AS_WRITTEN", "BAND_LADDER,BAND_LADDER", "STAGES,AS_WRITTEN"})
    void itsOwnRuleOrNone(Progression own, Progression chosen) {
        assertThat(GoesOnBy.chosen(own, chosen, Optional.empty())).isEqualTo(GoesOnBy.usual(chosen));
    }

    @ParameterizedTest
    @CsvSource({"CONTACTS,BAND_LADDER", "BAND_LADDER,STAGES", "AS_WRITTEN,CONTACTS"})
    void noOther(Progression own, Progression chosen) {
        assertThatThrownBy(() -> GoesOnBy.chosen(own, chosen, Optional.empty()))
                .hasMessageContaining("allowed: the exercise's own, or staying as prescribed");
    }

    @Test
    void aNumberOutsideItsBoundsIsRefused() {
        assertThatThrownBy(() -> GoesOnBy.chosen(Progression.CONTACTS, Progression.CONTACTS, Optional.of(5000)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> GoesOnBy.chosen(Progression.CONTACTS, Progression.AS_WRITTEN, Optional.of(3)))
                .hasMessageContaining("allowed: none for this rule");
    }
}
