package waypost.core.protocol;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.question.Condition;
import waypost.core.time.Moment;

/**
 * How a course is followed: what is measured when, where readings should lie, how often to come and to practise.
 *
 * @param visits how often to come, by stretch
 * @param home how often to practise at home, by stretch
 * @param battery the id of its tests of return; empty where nobody returns to sport
 */
public record FollowUp(
        List<Measuring> measuring,
        List<Corridor> corridors,
        List<Stretch> visits,
        List<Stretch> home,
        Optional<String> battery) {

    public static final FollowUp NONE = new FollowUp(List.of(), List.of(), List.of(), List.of(), Optional.empty());

    /** A measure that is due again and again, for the courses to which it applies. */
    public record Measuring(String measure, Moment from, int everyDays, Condition when) {}

    /** Where readings of a measure are expected to lie, for the courses to which it applies. */
    public record Corridor(String measure, List<Point> points, Condition when) {
        public Corridor {
            points = List.copyOf(points);
        }
    }

    /** From a moment on, the expected low and high. */
    public record Point(Moment from, double low, double high) {
        public Point {
            if (low > high) {
                throw new IllegalArgumentException(
                        "corridor: found " + low + " to " + high + ", allowed: the lesser first");
            }
        }
    }

    /** From a moment on, how often. */
    public record Stretch(Moment from, Frequency often) {}

    public FollowUp {
        measuring = List.copyOf(measuring);
        corridors = List.copyOf(corridors);
        visits = List.copyOf(visits);
        home = List.copyOf(home);
    }

    /** What may apply under answers that are still possible. */
    public FollowUp under(Function<String, Set<String>> possible) {
        return new FollowUp(
                measuring.stream().filter(due -> due.when().canHold(possible)).toList(),
                corridors.stream()
                        .filter(corridor -> corridor.when().canHold(possible))
                        .toList(),
                visits,
                home,
                battery);
    }

    /** This, and what a part has measured besides; what this measures itself in every course stays as it says. */
    public FollowUp measuringToo(List<Measuring> besides) {
        Set<String> own = measuring.stream()
                .filter(due -> due.when().equals(Condition.ALWAYS))
                .map(Measuring::measure)
                .collect(Collectors.toSet());
        return new FollowUp(
                Stream.concat(measuring.stream(), besides.stream().filter(due -> !own.contains(due.measure())))
                        .toList(),
                corridors,
                visits,
                home,
                battery);
    }
}
