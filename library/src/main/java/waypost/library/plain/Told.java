package waypost.library.plain;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a patient is told of one rule, a sentence or two each.
 *
 * @param what what to do, or not yet
 * @param until how long it holds
 * @param why what heals, or who wants it so
 */
public record Told(String what, Optional<String> until, Optional<String> why) {

    static Told of(String what) {
        return new Told(what, Optional.empty(), Optional.empty());
    }

    /** Everything in a row. */
    public List<String> all() {
        return Stream.of(Optional.of(what), until, why)
                .flatMap(Optional::stream)
                .toList();
    }
}
