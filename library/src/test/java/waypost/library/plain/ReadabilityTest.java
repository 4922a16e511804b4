package waypost.library.plain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

/** The two formulas against sentences counted by hand. */
class ReadabilityTest {

    /** 6 words in 1 sentence with 6 syllables: 0.39 x 6 + 11.8 x 1 - 15.59. */
    @Test
    void shortWordsInEnglishAreBelowTheFirstGrade() {
        assertThat(Readability.of(List.of("The cat sat on the mat."), Locale.ENGLISH)
                        .grade())
                .isCloseTo(-1.45, within(0.01));
    }

    /** 4 words in 1 sentence with 14 syllables: 0.39 x 4 + 11.8 x 3.5 - 15.59. */
    @Test
    void longWordsInEnglishAreHard() {
        assertThat(Readability.of(List.of("Contraindicated rotational mobilisation follows."), Locale.ENGLISH)
                        .grade())
                .isGreaterThan(20);
    }

    /** 4 words in 1 sentence, of 3 or more syllables none, longer than six letters none, of one syllable all. */
    @Test
    void shortWordsInGermanAreBelowTheFirstGrade() {
        assertThat(Readability.of(List.of("Der Arm ruht gut."), Locale.GERMAN).grade())
                .isCloseTo(0.1672 * 4 - 0.0327 * 100 - 0.875, within(0.01));
    }

    /** A date inside a sentence does not end it. */
    @Test
    void aPointAfterANumberEndsNothing() {
        assertThat(PlainSentence.of("Das gilt bis Dienstag, 6. Mai. Der Arm ruht.", Locale.GERMAN))
                .hasSize(2);
    }
}
