package waypost.library.bundle;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import waypost.core.criterion.Criterion;
import waypost.core.limit.RuleHead;
import waypost.core.log.Hold;
import waypost.core.protocol.Duty;
import waypost.core.protocol.Frequency;
import waypost.core.protocol.HoldRule;
import waypost.core.protocol.PainRule;
import waypost.core.protocol.SetUp;
import waypost.core.time.Moment;
import waypost.library.text.Entry;

/** Reads duties, set-ups and what is said of holds and of pain. */
final class DutyReader {

    private final HeadReader heads;
    private final List<String> criteria;
    private final Map<String, Function<Entry, Duty>> kinds = new LinkedHashMap<>();

    DutyReader(HeadReader heads, List<Criterion> criteria) {
        this.heads = heads;
        this.criteria = criteria.stream().map(Criterion::id).toList();
        kinds.put(
                "wear",
                e -> new Duty.Wear(head(e), e.text("wear"), LimitReader.steps(e, setting -> setting), whenUnknown(e)));
        kinds.put(
                "practise",
                e -> new Duty.Practise(
                        head(e), e.text("practise"), LimitReader.steps(e, Frequency::parse), e.text("otherwise")));
        kinds.put(
                "begin",
                e -> new Duty.Begin(head(e), Set.copyOf(e.list("begin", Entry::text)), by(e), e.text("otherwise")));
        kinds.put(
                "reach",
                e -> new Duty.Reach(
                        head(e),
                        e.at("reach").as(id -> OpeningReader.known(id, this.criteria)),
                        by(e),
                        e.text("otherwise")));
    }

    Duty duty(Entry entry) {
        return entry.byKind(kinds);
    }

    SetUp setUp(Entry entry) {
        return new SetUp(
                head(entry),
                Set.copyOf(entry.list("for", Entry::text)),
                entry.text("concern"),
                LimitReader.steps(entry, way -> way),
                whenUnknown(entry));
    }

    static HoldRule holdRule(Entry entry, HeadReader heads) {
        Optional<Integer> longest = entry.maybe("longest-days", Integer::parseInt);
        return new HoldRule(
                heads.id(entry),
                Word.all(entry, "kinds", Hold.Kind.class),
                longest.map(OptionalInt::of).orElseGet(OptionalInt::empty),
                entry.find("otherwise").map(Entry::text).orElse(""),
                entry.find("re-entry")
                        .map(e -> new HoldRule.ReEntry(
                                e.at("percent").as(Integer::parseInt),
                                e.at("days").as(Integer::parseInt))));
    }

    PainRule painRule(Entry entry) {
        return new PainRule(head(entry), entry.at("most").as(Integer::parseInt));
    }

    private RuleHead head(Entry entry) {
        return heads.head(entry);
    }

    private static Moment by(Entry entry) {
        return entry.at("by").as(Moment::parse);
    }

    private static boolean whenUnknown(Entry entry) {
        return entry.maybe("when-unknown", Boolean::parseBoolean).orElse(false);
    }
}
