package waypost.app.map;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import waypost.core.course.Standing;
import waypost.core.criterion.Criterion;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.LimbQuantity;
import waypost.core.limit.Limit;
import waypost.core.limit.MotionLimit;
import waypost.core.resolved.InForce;
import waypost.core.time.CourseDay;
import waypost.core.time.Steps;
import waypost.library.words.Dates;
import waypost.library.words.PrecautionWords;

/** Limits over time: motions as stepped ceilings, weight bearing as steps, everything else as bars. */
record LimitLanes(Standing standing, Ruler ruler, CourseDay today) {

    /** Motions and weight bearing that bind in the stretch shown; first those that decide on the shown day. */
    List<Lane> drawn() {
        return lanes(limit -> isDrawn(limit.limit()));
    }

    List<Lane> others() {
        return lanes(limit -> !isDrawn(limit.limit()));
    }

    private List<Lane> lanes(Predicate<InForce<?>> chosen) {
        Set<String> deciding = standing.strictestPrecautions().stream()
                .map(precaution -> precaution.limit().from().ruleId())
                .collect(Collectors.toSet());
        return standing.course().resolved().limits().stream()
                .<InForce<?>>map(limit -> limit)
                .filter(chosen)
                .sorted(Comparator.<InForce<?>, Boolean>comparing(
                                limit -> !deciding.contains(limit.limit().head().id()))
                        .thenComparing(limit -> limit.restrictionOn(standing.day(), met(standing.day()))
                                .isEmpty()))
                .map(limit -> lane(limit))
                .filter(lane -> !lane.marks().isEmpty())
                .toList();
    }

    private static boolean isDrawn(Limit<?> limit) {
        return limit instanceof MotionLimit
                || limit instanceof AmountLimit<?> amount && amount.quantity() instanceof LimbQuantity.Share;
    }

    private <T> Lane lane(InForce<T> limit) {
        List<Mark> marks = new ArrayList<>();
        SortedSet<CourseDay> days = limit.changes().collect(Collectors.toCollection(TreeSet::new));
        List<CourseDay> starts = new ArrayList<>(days);
        for (int i = 0; i < starts.size(); i++) {
            CourseDay start = starts.get(i);
            CourseDay end = i + 1 < starts.size() ? starts.get(i + 1) : ruler.last();
            Optional<Steps.Current<Allowed<T>>> step = limit.restrictionOn(start, met(start));
            if (step.isPresent() && ruler.first().isBefore(end) && start.isBefore(ruler.last())) {
                marks.add(mark(limit, step.get().value(), start, end));
            }
        }
        return new Lane(
                isDrawn(limit.limit()) ? "ceiling" : "bars",
                limit.limit().head().title(),
                marks);
    }

    private <T> Mark mark(InForce<T> limit, Allowed<T> allowed, CourseDay start, CourseDay end) {
        double left = ruler.at(start);
        String said = PrecautionWords.left(limit.limit(), allowed);
        String words = limit.limit().head().title() + (said.isEmpty() ? "" : ": " + said) + ", from "
                + Dates.say(start.dateFrom(ruler.dayZero())) + " to " + Dates.say(end.dateFrom(ruler.dayZero()))
                + (limit.from().surgeonOnly() ? "; only the surgeon loosens it" : "");
        double[] range = AllowedRange.of(limit.limit(), allowed);
        return new Mark(
                isDrawn(limit.limit()) ? "ceiling" : "bar",
                left,
                ruler.at(end) - left,
                range[0],
                range[1],
                isDrawn(limit.limit()) ? PrecautionWords.brief(limit.limit(), allowed) : said,
                words);
    }

    /** Up to today what is met; ahead of it only where the page shows how it goes to plan. */
    private Set<String> met(CourseDay day) {
        return standing.planned() && today.isBefore(day)
                ? standing.course().resolved().protocol().criteria().stream()
                        .map(Criterion::id)
                        .collect(Collectors.toSet())
                : standing.facts().met();
    }
}
