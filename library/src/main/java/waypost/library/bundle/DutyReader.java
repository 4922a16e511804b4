package waypost.library.bundle;

import java.util.List;
import waypost.core.protocol.Criterion;
import waypost.core.protocol.Duty;
import waypost.core.protocol.RuleHead;
import waypost.core.time.Moment;
import waypost.library.text.Entry;

/** Reads duties. */
record DutyReader(ConditionReader conditions, List<Criterion> criteria) {

    Duty duty(Entry entry) {
        RuleHead head = LimitReader.head(entry, conditions);
        if (entry.has("wear") == entry.has("reach")) {
            throw new IllegalArgumentException(
                    "found " + (entry.has("wear") ? "both" : "neither") + ", allowed: either 'wear' or 'reach'");
        }
        if (entry.has("wear")) {
            return new Duty.Wear(head, LimitReader.steps(entry, setting -> setting));
        }
        List<String> ids = criteria.stream().map(Criterion::id).toList();
        return new Duty.Reach(
                head,
                entry.at("reach").as(id -> OpeningReader.known(id, ids)),
                entry.at("by").as(Moment::parse),
                entry.text("otherwise"));
    }
}
