package waypost.library.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class SuggestionTest {

    @Test
    void aShortListIsGivenWholeWithTheNearestWord() {
        assertThat(Suggestion.oneOf("hingo", List.of("hinge", "squat")))
                .isEqualTo("found 'hingo', allowed: hinge, squat. Maybe 'hinge'");
    }

    /** Three hundred ids help nobody: those that look like the one that was typed come first. */
    @Test
    void ofALongListTheLikeliestAreGiven() {
        List<String> many = Stream.concat(
                        Stream.of("wall-squat"), IntStream.range(100, 399).mapToObj(n -> "exercise-" + n))
                .toList();

        assertThat(Suggestion.oneOf("wall-sqat", many))
                .startsWith("found 'wall-sqat', allowed: wall-squat, exercise-100, ")
                .endsWith(" and 288 more. Maybe 'wall-squat'");
    }
}
