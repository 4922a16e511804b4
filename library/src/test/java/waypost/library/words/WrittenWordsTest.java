package waypost.library.words;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import waypost.core.protocol.Protocol;
import waypost.library.Shipped;
import waypost.library.bundle.Bundle;

class WrittenWordsTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;

    private static WrittenWords words(String protocol) {
        return new WrittenWords(BUNDLE.protocol(protocol), BUNDLE.measures());
    }

    @Test
    void whatBelongsToAnOperationIsSaidLineByLine() {
        WrittenWords knee = words("knee.meniscus-repair");

        assertThat(knee.parts())
                .startsWith("Repaired meniscus 1.0")
                .contains("Fall on the operated leg 1.0", "Wound of an operation 1.0");
        assertThat(words("knee.ligament-reconstruction").parts())
                .contains(
                        "Repaired meniscus 1.0 (meniscus repair: vertical tear repaired or radial tear repaired or root"
                                + " repaired)");
        assertThat(knee.phases()).contains("Walk and bend, not before completed week 6");
        assertThat(knee.holds()).contains("Flare: at most 10 days, then call the surgeon; after it 70 % for 7 days");
        assertThat(knee.visits()).contains("2 a week from 6 weeks");
        assertThat(knee.home()).contains("3 a day from day 0");
        assertThat(knee.measuring()).anyMatch(line -> line.endsWith("every 7 days from day 1"));
        assertThat(knee.corridors()).anyMatch(line -> line.endsWith("130 to 145 from 16 weeks"));
        assertThat(words("muscle.hamstring-strain").pain()).anyMatch(line -> line.endsWith("at most 4 of 10"));
    }

    @Test
    void aDutyIsSaidWithItsStepsOrItsDay() {
        Protocol knee = BUNDLE.protocol("knee.meniscus-repair");

        assertThat(knee.duties().stream().map(WrittenWords::duty))
                .contains(
                        "Straighten the knee: 3 a day from day 1, ends from 6 weeks",
                        "Brace after meniscus repair: locked straight for walking and sleep from day 0,"
                                + " hinge 0-90, locked for walking from 2 weeks, ends from 6 weeks",
                        "Bend of 120° by ten weeks, by 10 weeks",
                        "Strength on one leg after meniscus repair, begun by completed week 14");
    }
}
