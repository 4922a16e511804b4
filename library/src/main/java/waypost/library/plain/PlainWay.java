package waypost.library.plain;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.body.Direction;
import waypost.core.body.Limb;
import waypost.core.demand.Chain;
import waypost.core.limit.Circumstance;
import waypost.core.limit.Component;

/** Says in which way something is done: by its own strength, with weight on it, on one leg. Begins with a blank. */
final class PlainWay {

    private PlainWay() {}

    static String of(PlainText words, Circumstance circumstance) {
        Limb limb = circumstance.motions().iterator().next().joint().limb();
        return Stream.of(
                        several(words, circumstance.modes()),
                        load(words, circumstance, limb),
                        circumstance.support().map(support -> words.say("way." + PlainText.key(support))),
                        during(words, circumstance))
                .flatMap(Optional::stream)
                .map(way -> " " + way)
                .collect(Collectors.joining());
    }

    /** Constants of one kind together, as one way where it has a name, else one or the other. */
    static Optional<String> several(PlainText words, Collection<? extends Enum<?>> constants) {
        List<String> keys = constants.stream().map(PlainText::key).sorted().toList();
        return keys.isEmpty()
                ? Optional.empty()
                : words.find("way." + String.join("-", keys))
                        .or(() -> keys.stream()
                                .map(key -> words.say("way." + key))
                                .reduce((one, other) -> words.say("or", one, other)));
    }

    private static Optional<String> load(PlainText words, Circumstance circumstance, Limb limb) {
        boolean leg = limb == Limb.LEG;
        Optional<Chain> chain = circumstance.chain().filter(one -> leg);
        return circumstance
                .loadedAtLeast()
                .map(load -> switch (load) {
                    case NONE -> "";
                    case OWN_WEIGHT ->
                        chain.filter(one -> one == Chain.OPEN)
                                .map(open -> words.say("way.own-weight.open"))
                                .orElseGet(() -> words.say("way.own-weight." + PlainText.key(limb)));
                    case ADDED -> words.say("way.added");
                })
                .filter(said -> !said.isEmpty())
                .or(() -> chain.map(one -> words.say("way." + PlainText.key(one))));
    }

    /** What the other joints do meanwhile; where it has no name the rule is told without, which is stricter. */
    private static Optional<String> during(PlainText words, Circumstance circumstance) {
        return circumstance.during().stream()
                .map(component -> words.find("way.during." + move(component)))
                .flatMap(Optional::stream)
                .reduce((one, other) -> one + " " + other);
    }

    private static String move(Component component) {
        return PlainText.key(component.motion()) + "." + PlainText.key(direction(component));
    }

    /** The way in which the zone is entered. */
    static Direction direction(Component component) {
        boolean upward =
                component.zone().most().equals(component.motion().possible().most());
        return upward ? Direction.POSITIVE : Direction.NEGATIVE;
    }
}
