package waypost.library.review;

import java.util.List;
import java.util.stream.Stream;

/**
 * What changes on a day.
 *
 * @param when "day 42", or "day 2 of fall" on another clock
 * @param weeks "6 weeks"; empty when it is no whole week
 * @param phase the phase that is expected to begin, with what it takes to leave it; empty on other days
 */
public record Row(
        String when,
        String weeks,
        String phase,
        List<String> limits,
        List<String> opens,
        List<String> duties,
        List<String> tests) {

    Stream<String> texts() {
        return Stream.of(List.of(phase), limits, opens, duties, tests).flatMap(List::stream);
    }
}
