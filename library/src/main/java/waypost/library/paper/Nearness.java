package waypost.library.paper;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.core.body.Joint;
import waypost.core.course.Precaution;
import waypost.core.course.Standing;
import waypost.core.limit.Limit;
import waypost.core.protocol.Protocol;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;
import waypost.library.desk.DeskParts;
import waypost.library.lint.AnswerSets;
import waypost.library.lint.NormalHealing;
import waypost.library.text.RefusedException;

/**
 * How near a protocol that ships comes to what a paper limits, if all goes to plan and no more is answered than has to be.
 * Things worn are not counted.
 *
 * @param subjects how many things the paper limits
 * @param spoken of how many of them the protocol speaks too
 * @param alike on how many days, over all things, both leave the same
 * @param days on how many either leaves less than all
 */
public record Nearness(Protocol protocol, int subjects, int spoken, int alike, int days) {

    /** The nearest first: as many days alike as can be, then as many things spoken of. */
    private static final Comparator<Nearness> NEAREST_FIRST = Comparator.comparingDouble(Nearness::share)
            .thenComparingInt(Nearness::spoken)
            .reversed()
            .thenComparing(near -> near.protocol().title());

    /** Share of the days alike, from 0 to 1. */
    private double share() {
        return days == 0 ? 0 : (double) alike / days;
    }

    /**
     * The protocols about a joint that a paper may stand on, the nearest first. One over which it can't be read is left out.
     */
    public static List<Nearness> of(Paper paper, Joint joint, DeskParts parts, Bundle shipped) {
        List<Nearness> all = new ArrayList<>();
        for (Protocol protocol : about(joint, shipped)) {
            of(paper.on(protocol.id()), protocol, parts, shipped).ifPresent(all::add);
        }
        all.sort(NEAREST_FIRST);
        return all;
    }

    private static List<Protocol> about(Joint joint, Bundle shipped) {
        List<String> areas = joint == Joint.WRIST
                ? List.of("wrist", "hand")
                : List.of(joint.name().toLowerCase(Locale.ROOT));
        return shipped.protocols().stream()
                .filter(protocol -> areas.contains(protocol.id().split("\\.", 2)[0]))
                .toList();
    }

    private static Optional<Nearness> of(Paper paper, Protocol protocol, DeskParts parts, Bundle shipped) {
        try {
            Bundle bundle = paper.desk(parts, shipped).read(paper.id(), paper.supplements(shipped));
            Protocol own = bundle.protocol(paper.id());
            return Optional.of(of(
                    protocol, NormalHealing.of(own, AnswerSets.leastStated(own).get(0), bundle)));
        } catch (RefusedException unreadable) {
            return Optional.empty();
        }
    }

    private static Nearness of(Protocol protocol, NormalHealing healing) {
        Set<Thing> things = healing.on(CourseDay.ZERO).course().resolved().limits().stream()
                .map(limit -> limit.limit())
                .filter(PaperLimits::isOfPaper)
                .map(Thing::of)
                .collect(Collectors.toCollection(LinkedHashSet::new));
        int spoken = 0;
        int alike = 0;
        int total = 0;
        List<CourseDay> days = List.copyOf(healing.days());
        for (Thing thing : things) {
            boolean speaks = false;
            for (int nth = 0; nth < days.size() - 1; nth++) {
                int length = days.get(nth + 1).number() - days.get(nth).number();
                Left paper = Left.of(healing.on(days.get(nth)), thing, true);
                Left below = Left.of(healing.on(days.get(nth)), thing, false);
                speaks |= !below.values().isEmpty();
                total += paper.isAll() && below.isAll() ? 0 : length;
                alike += !paper.isAll() && below.values().containsAll(paper.values()) ? length : 0;
            }
            spoken += speaks ? 1 : 0;
        }
        return new Nearness(protocol, things.size(), spoken, alike, total);
    }

    /** What is limited: the same quantity of the same. */
    private record Thing(Class<?> quantity, Object subject) {
        static Thing of(Limit<?> limit) {
            return new Thing(limit.getClass(), limit.subject());
        }
    }

    /** What is left of a thing on a day; nothing said is all of it. */
    private record Left(Set<Object> values) {
        static Left of(Standing standing, Thing thing, boolean ofPaper) {
            return new Left(standing.precautions().stream()
                    .filter(precaution ->
                            PaperLimits.isOfPaper(precaution.limit().limit()) == ofPaper)
                    .filter(precaution -> Thing.of(precaution.limit().limit()).equals(thing))
                    .map((Precaution<?> precaution) ->
                            (Object) precaution.step().value())
                    .collect(Collectors.toSet()));
        }

        boolean isAll() {
            return values.isEmpty();
        }
    }
}
