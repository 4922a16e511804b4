package waypost.library.bundle;

import java.util.Optional;
import java.util.Set;
import waypost.core.limit.RuleHead;
import waypost.core.protocol.Included;
import waypost.library.text.Entry;

/**
 * Reads what every rule carries besides its substance.
 *
 * @param part the part that the rules belong to, with whose id theirs begin; empty for the protocol's own
 */
record HeadReader(ConditionReader conditions, Optional<Included> part) {

    static HeadReader of(ConditionReader conditions) {
        return new HeadReader(conditions, Optional.empty());
    }

    static HeadReader of(Inclusion inclusion) {
        return new HeadReader(ConditionReader.of(inclusion), Optional.of(inclusion.part()));
    }

    /** Of a part's rule it begins with the part. */
    String id(Entry entry) {
        return part.map(of -> of.id() + ".").orElse("") + entry.text("id");
    }

    RuleHead head(Entry entry) {
        String clock = entry.find("clock").map(Entry::text).orElse("");
        return new RuleHead(
                id(entry),
                entry.text("title"),
                conditions.when(entry),
                entry.maybe("surgeon-only", Boolean::parseBoolean).orElse(false),
                Set.copyOf(entry.list("exempt", Entry::text)),
                Set.copyOf(entry.list("unless", Entry::text)),
                clock,
                part.filter(of -> clock.isEmpty()).map(Included::anew).orElse(Set.of()),
                entry.maybe("for-good", Boolean::parseBoolean).orElse(false),
                part.map(Included::face).orElse(""));
    }
}
