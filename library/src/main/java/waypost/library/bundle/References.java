package waypost.library.bundle;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Notes names that lead nowhere, and names used twice. */
record References(Entry top) {

    void check(String where, Stream<String> named, Collection<String> known) {
        named.filter(id -> !known.contains(id))
                .distinct()
                .forEach(id -> top.problem(where + ": " + Suggestion.oneOf(id, known)));
    }

    void once(String what, List<String> ids) {
        Set<String> seen = new HashSet<>();
        ids.stream()
                .filter(id -> !seen.add(id))
                .forEach(id -> top.problem("found the " + what + " '" + id + "' twice, allowed: once"));
    }
}
