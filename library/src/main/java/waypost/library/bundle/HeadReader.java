package waypost.library.bundle;

import java.util.Set;
import waypost.core.limit.RuleHead;
import waypost.library.text.Entry;

/**
 * Reads what every rule carries besides its substance.
 *
 * @param part id of the part that the rules belong to, which their ids begin with; empty for the protocol's own
 * @param face title and version of that part; empty likewise
 */
record HeadReader(ConditionReader conditions, String part, String face) {

    static HeadReader of(ConditionReader conditions) {
        return new HeadReader(conditions, "", "");
    }

    static HeadReader of(Inclusion inclusion) {
        return new HeadReader(
                ConditionReader.of(inclusion),
                inclusion.part().id(),
                inclusion.part().face());
    }

    /** Of a part's rule it begins with the part. */
    String id(Entry entry) {
        return part.isEmpty() ? entry.text("id") : part + "." + entry.text("id");
    }

    RuleHead head(Entry entry) {
        return new RuleHead(
                id(entry),
                entry.text("title"),
                conditions.when(entry),
                entry.maybe("surgeon-only", Boolean::parseBoolean).orElse(false),
                Set.copyOf(entry.list("exempt", Entry::text)),
                Set.copyOf(entry.list("unless", Entry::text)),
                entry.find("clock").map(Entry::text).orElse(""),
                face);
    }
}
