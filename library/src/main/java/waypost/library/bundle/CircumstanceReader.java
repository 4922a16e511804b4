package waypost.library.bundle;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.core.body.Direction;
import waypost.core.body.Joint;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.demand.Chain;
import waypost.core.demand.Loading;
import waypost.core.demand.Support;
import waypost.core.limit.Circumstance;
import waypost.core.limit.Component;
import waypost.library.text.Entry;

/** Reads which movements a limit looks at. */
final class CircumstanceReader {

    private CircumstanceReader() {}

    /** The circumstance whose axis stands under {@code key}: a motion, or a joint with all its motions. */
    static Circumstance circumstance(Entry entry, String key) {
        Set<Motion> motions = motions(entry, key);
        return new Circumstance(
                motions,
                working(entry, motions),
                Word.all(entry, "modes", Mode.class),
                Word.maybe(entry, "chain", Chain.class),
                Word.maybe(entry, "loaded", Loading.class),
                Word.maybe(entry, "support", Support.class),
                components(entry, "during"));
    }

    private static Set<Motion> motions(Entry entry, String key) {
        String word = entry.text(key);
        Set<Motion> ofJoint = Arrays.stream(Joint.values())
                .filter(joint -> Word.of(joint).equals(word))
                .flatMap(joint -> Arrays.stream(Motion.values()).filter(m -> m.joint() == joint))
                .collect(Collectors.toSet());
        return ofJoint.isEmpty() ? Set.of(Word.at(entry, key, Motion.class)) : ofJoint;
    }

    private static Optional<Direction> working(Entry entry, Set<Motion> motions) {
        return entry.maybe("working", word -> {
            if (motions.size() != 1) {
                throw new IllegalArgumentException(
                        "found '" + word + "' for a whole joint, allowed: working only with one motion");
            }
            return Word.direction(motions.iterator().next(), word);
        });
    }

    /** Zones of motions under {@code key}. */
    static List<Component> components(Entry entry, String key) {
        return entry.list(key, component -> {
            Motion motion = Word.at(component, "motion", Motion.class);
            return new Component(motion, component.at("zone").as(text -> Word.zone(motion, text)));
        });
    }
}
