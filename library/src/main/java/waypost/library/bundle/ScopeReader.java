package waypost.library.bundle;

import java.util.Set;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Region;
import waypost.core.body.Tissue;
import waypost.core.protocol.Scope;
import waypost.library.text.Entry;

/** Reads what a protocol is about. */
record ScopeReader(ConditionReader conditions) {

    Scope scope(Entry top) {
        Entry region = top.at("region");
        return new Scope(
                new Region(
                        Word.all(region, "joints", Joint.class),
                        Word.all(region, "tissues", Tissue.class),
                        Word.all(region, "limbs", Limb.class)),
                region.list(
                        "besides",
                        besides -> new Scope.Besides(
                                conditions.when(besides), Word.all(besides, "tissues", Tissue.class))),
                top.list("clocks", Entry::text),
                top.list("covers", Entry::text),
                Set.copyOf(top.list("left-out", Entry::text)));
    }
}
