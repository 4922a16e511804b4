package waypost.library.bundle;

import java.util.Set;
import java.util.stream.Stream;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Region;
import waypost.core.body.Tissue;
import waypost.core.protocol.Scope;
import waypost.core.question.Condition;
import waypost.core.time.Moment;
import waypost.library.text.Entry;

/** Reads what a protocol is about. */
record ScopeReader(ConditionReader conditions) {

    Scope scope(Entry top) {
        Entry region = top.at("region");
        return new Scope(
                region(region),
                region.list("besides", besides -> new Scope.Besides(conditions.when(besides), region(besides))),
                top.list("clocks", Entry::text),
                top.list("covers", Entry::text),
                Set.copyOf(top.list("left-out", Entry::text)),
                top.maybe("ends", Moment::parse));
    }

    /** What a part adds to the region of the protocol that includes it. */
    Stream<Scope.Besides> asBesides(Entry part, Condition included) {
        Entry region = part.at("region");
        return Stream.concat(
                Stream.of(new Scope.Besides(included, region(region))),
                region.list("besides", besides -> new Scope.Besides(conditions.when(besides), region(besides))).stream()
                        .filter(besides -> !besides.when().isNever()));
    }

    /** The region under all answers together. */
    static Region widest(Entry top) {
        Entry region = top.at("region");
        return region.list("besides", ScopeReader::region).stream().reduce(region(region), Region::with);
    }

    private static Region region(Entry entry) {
        return new Region(
                Word.all(entry, "joints", Joint.class),
                Word.all(entry, "tissues", Tissue.class),
                Word.all(entry, "limbs", Limb.class),
                Word.all(entry, "through", Limb.class));
    }
}
