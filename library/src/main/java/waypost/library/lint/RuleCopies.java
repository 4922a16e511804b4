package waypost.library.lint;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import waypost.core.body.Joint;
import waypost.core.limit.Limit;
import waypost.core.protocol.Duty;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;

/**
 * A rule of a protocol that another protocol or a part says as well: the next change would reach one of them. Two
 * structures, and two operations on different joints, may be alike by chance; what counts from an event, and a hold,
 * may not. A protocol that stands beside the library, in another folder, owes it nothing.
 */
final class RuleCopies {

    /** A rule where it stands, by what it says. */
    private record Copy(Protocol protocol, String file, String id, Object says, Set<Joint> joints, Places places) {

        private boolean isOfPart() {
            return !file.equals(protocol.id());
        }

        boolean isCopyOf(Copy other) {
            return !file.equals(other.file)
                    && !(isOfPart() && other.isOfPart())
                    && places.folder(protocol.id()).equals(places.folder(other.protocol.id()))
                    && (joints.isEmpty() || other.joints.isEmpty() || !Collections.disjoint(joints, other.joints));
        }
    }

    private final Bundle bundle;
    private final Places places;

    RuleCopies(Bundle bundle, Places places) {
        this.bundle = bundle;
        this.places = places;
    }

    Stream<Finding> findings() {
        Map<Object, List<Copy>> seen = new HashMap<>();
        return bundle.protocols().stream().flatMap(this::rules).flatMap(rule -> found(rule, seen).stream());
    }

    private Optional<Finding> found(Copy rule, Map<Object, List<Copy>> seen) {
        List<Copy> alike = seen.computeIfAbsent(rule.says, says -> new ArrayList<>());
        Optional<Copy> first = alike.stream().filter(rule::isCopyOf).findFirst();
        alike.add(rule);
        return first.map(other -> rule.isOfPart() ? copied(other, rule) : copied(rule, other));
    }

    private Finding copied(Copy rule, Copy from) {
        return places.rule(
                Check.RULE_COPIED,
                rule.protocol.id(),
                rule.id,
                "it says what " + from.id + " of " + from.file + " says",
                "Let it stand once, in a part that both include");
    }

    private Stream<Copy> rules(Protocol protocol) {
        return Stream.of(
                        protocol.limits().stream().map(limit -> limit(protocol, limit)),
                        protocol.duties().stream().map(duty -> duty(protocol, duty)),
                        protocol.rules().holds().stream()
                                .map(hold -> new Copy(
                                        protocol,
                                        file(protocol, hold.id()),
                                        hold.id(),
                                        List.of(hold.kinds(), hold.longestDays(), hold.otherwise(), hold.reEntry()),
                                        Set.of(),
                                        places)))
                .flatMap(rules -> rules);
    }

    private Copy limit(Protocol protocol, Limit<?> limit) {
        return new Copy(
                protocol,
                file(protocol, limit.head().id()),
                limit.head().id(),
                List.of(
                        limit.getClass(),
                        limit.subject(),
                        limit.schedule(),
                        limit.head().clock(),
                        limit.head().surgeonOnly(),
                        limit.head().unless()),
                joints(protocol, limit.head().clock()),
                places);
    }

    private Copy duty(Protocol protocol, Duty duty) {
        return new Copy(
                protocol,
                file(protocol, duty.head().id()),
                duty.head().id(),
                duty.accept(new Said()),
                joints(protocol, duty.head().clock()),
                places);
    }

    private static Set<Joint> joints(Protocol protocol, String clock) {
        return clock.isEmpty() ? protocol.scope().region().joints() : Set.of();
    }

    /** The part that the rule's id begins with, else the protocol itself. */
    private static String file(Protocol protocol, String rule) {
        return protocol.parts().stream()
                .map(part -> part.id())
                .filter(part -> rule.startsWith(part + "."))
                .findFirst()
                .orElse(protocol.id());
    }

    /** What a duty asks, its name left aside. */
    private static final class Said implements Duty.Visitor<Object> {
        @Override
        public Object wear(Duty.Wear wear) {
            return List.of("wear", wear.item(), wear.schedule(), wear.head().clock());
        }

        @Override
        public Object practise(Duty.Practise practise) {
            return List.of(
                    "practise",
                    practise.activity(),
                    practise.schedule(),
                    practise.head().clock());
        }

        @Override
        public Object begin(Duty.Begin begin) {
            return List.of("begin", begin.activities(), begin.by(), begin.head().clock());
        }

        @Override
        public Object reach(Duty.Reach reach) {
            return List.of("reach", reach.criterion(), reach.by(), reach.head().clock());
        }
    }
}
