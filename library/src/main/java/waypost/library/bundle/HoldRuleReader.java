package waypost.library.bundle;

import java.util.Optional;
import java.util.OptionalInt;
import waypost.core.log.Hold;
import waypost.core.protocol.HoldRule;
import waypost.library.text.Entry;

/** Reads what a protocol says of holds. */
final class HoldRuleReader {

    private HoldRuleReader() {}

    static HoldRule rule(Entry entry) {
        Optional<Integer> longest = entry.maybe("longest-days", Integer::parseInt);
        return new HoldRule(
                entry.text("id"),
                Word.all(entry, "kinds", Hold.Kind.class),
                longest.map(OptionalInt::of).orElseGet(OptionalInt::empty),
                entry.find("otherwise").map(Entry::text).orElse(""),
                entry.find("re-entry")
                        .map(e -> new HoldRule.ReEntry(
                                e.at("percent").as(Integer::parseInt),
                                e.at("days").as(Integer::parseInt))));
    }
}
