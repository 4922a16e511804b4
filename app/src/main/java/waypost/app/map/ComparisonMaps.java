package waypost.app.map;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import waypost.core.compare.Comparison;
import waypost.core.compare.LimitDifference;
import waypost.core.compare.RoleDifference;
import waypost.core.compare.Stretch;
import waypost.core.course.Standing;
import waypost.core.protocol.Phase;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;
import waypost.library.words.Dates;
import waypost.library.words.DifferenceWords;
import waypost.library.words.SignWords;

/** Draws two courses on one ruler, and what differs between them. */
@Component
public class ComparisonMaps {

    private static final int DAYS_BEFORE = 14;
    private static final int DAYS_AFTER = 28;

    /** One of the two: its name on the map, where it stands on the shown day, and the bundle that names its rungs. */
    public record Part(String name, Standing standing, Bundle bundle) {

        private Stream<CourseDay> ends() {
            return standing.course().resolved().protocol().phases().stream()
                    .map(Phase::expected)
                    .map(moment -> moment.from(standing.course().resolved().dayZero()));
        }
    }

    /** The map of both around the shown day. */
    public CourseMap map(Comparison comparison, Part left, Part right, Scale scale) {
        Standing standing = left.standing();
        CourseDay begins = new CourseDay(-DAYS_BEFORE);
        CourseDay ends = Stream.concat(left.ends(), right.ends())
                .max(CourseDay::compareTo)
                .orElseThrow()
                .plusDays(DAYS_AFTER);
        Ruler ruler = new Ruler(
                standing.course().resolved().dayZero(),
                scale.first(standing.day(), begins),
                scale.last(standing.day(), begins, ends));
        return new CourseMap(
                ruler,
                scale,
                lanes(comparison, left, right, ruler, begins).stream()
                        .filter(lane -> !lane.marks().isEmpty())
                        .toList(),
                List.of(),
                ruler.at(standing.day()),
                standing.day().number(),
                SignWords.date(standing.date()),
                ruler.at(standing.day()));
    }

    private static List<Lane> lanes(Comparison comparison, Part left, Part right, Ruler ruler, CourseDay begins) {
        List<Lane> lanes = new ArrayList<>();
        for (Part part : List.of(left, right)) {
            Lane phases = new PhaseLane(part.standing(), ruler, begins).lane();
            lanes.add(new Lane("phases", part.name() + " · phase", phases.marks()));
        }
        comparison.limits().forEach(limit -> lanes.add(limit(limit, ruler)));
        for (Part part : List.of(left, right)) {
            Lane opens = new OpensLane(part.standing().course(), part.bundle(), ruler).lane();
            lanes.add(new Lane("opens", part.name() + " · opens", opens.marks()));
        }
        lanes.add(rungs(comparison, ruler));
        return lanes;
    }

    private static Lane limit(LimitDifference limit, Ruler ruler) {
        List<Mark> marks = new ArrayList<>();
        for (var stretch : limit.stretches()) {
            String both = DifferenceWords.left(stretch.what().before()) + " | "
                    + DifferenceWords.left(stretch.what().after());
            bar(stretch, both, ruler).ifPresent(marks::add);
        }
        return new Lane("differs", DifferenceWords.title(limit.about()), marks);
    }

    /** How many rungs are judged otherwise, from one day on which that changes to the next. */
    private static Lane rungs(Comparison comparison, Ruler ruler) {
        List<Stretch<RoleDifference.Kinds>> all = comparison.roles().stream()
                .flatMap(role -> role.stretches().stream())
                .toList();
        SortedSet<CourseDay> days = new TreeSet<>();
        all.forEach(stretch -> {
            days.add(stretch.from());
            stretch.until().ifPresent(days::add);
        });
        List<Mark> marks = new ArrayList<>();
        for (CourseDay day : days) {
            SortedSet<CourseDay> later = days.tailSet(day.plusDays(1));
            long count = all.stream().filter(stretch -> holds(stretch, day)).count();
            if (count > 0) {
                Optional<CourseDay> until = later.isEmpty() ? Optional.empty() : Optional.of(later.first());
                String label = count == 1 ? "1 rung" : count + " rungs";
                bar(new Stretch<>(day, until, label), label, ruler).ifPresent(marks::add);
            }
        }
        return new Lane("differs", "Rungs judged otherwise", marks);
    }

    private static boolean holds(Stretch<?> stretch, CourseDay day) {
        return !day.isBefore(stretch.from())
                && stretch.until().map(day::isBefore).orElse(true);
    }

    private static Optional<Mark> bar(Stretch<?> stretch, String label, Ruler ruler) {
        CourseDay end = stretch.until().orElse(ruler.last());
        double left = ruler.at(stretch.from());
        double width = ruler.at(end) - left;
        String words = label + ", from " + Dates.say(stretch.from().dateFrom(ruler.dayZero())) + " to "
                + Dates.say(end.dateFrom(ruler.dayZero()));
        return width > 0 ? Optional.of(Mark.of("differs", left, width, label, words)) : Optional.empty();
    }
}
