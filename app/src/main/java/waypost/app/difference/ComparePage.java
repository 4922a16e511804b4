package waypost.app.difference;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import waypost.app.rack.Signs;
import waypost.core.compare.Comparison;
import waypost.core.compare.LimitDifference;
import waypost.core.compare.RoleDifference;
import waypost.core.course.Course;
import waypost.core.criterion.Criterion;
import waypost.core.question.Question;
import waypost.core.reason.VerdictKind;
import waypost.core.resolved.Resolved;
import waypost.library.words.DifferenceWords;
import waypost.library.words.Terms;
import waypost.library.words.WrittenWords;

/**
 * What differs between two courses, listed in words.
 *
 * @param limits by thing and stretch what each leaves
 * @param rungs by rung the day on which each opens it, with the days on which they judge otherwise
 * @param only what only one of them has or says so: milestones, duties, questions, phases, pain, holds, visits, measuring
 */
public record ComparePage(List<Line> limits, List<Line> rungs, List<Only> only) {

    /** A difference: what it is about, what the left says, what the right says, and when. */
    public record Line(String title, String left, String right, String when) {}

    /** What only one of the two has. */
    public record Only(String what, List<String> left, List<String> right) {
        public boolean isNothing() {
            return left.isEmpty() && right.isEmpty();
        }
    }

    public static ComparePage of(Comparison comparison, Signs left, Signs right) {
        return new ComparePage(
                comparison.limits().stream().flatMap(ComparePage::limits).toList(),
                comparison.roles().stream()
                        .filter(role -> isSpokenOf(comparison, role))
                        .map(role -> rung(role, left, right))
                        .toList(),
                Stream.of(
                                only("Milestones", comparison, ComparePage::milestones),
                                only("Duties", comparison, ComparePage::duties),
                                only("Questions", comparison, ComparePage::questions),
                                only("Parts", comparison, written(WrittenWords::parts)),
                                only("Phases", comparison, written(WrittenWords::phases)),
                                only("Pain", comparison, written(WrittenWords::pain)),
                                only("Holds", comparison, written(WrittenWords::holds)),
                                only("Visits", comparison, written(WrittenWords::visits)),
                                only("Practice at home", comparison, written(WrittenWords::home)),
                                only("Measuring", comparison, written(WrittenWords::measuring)),
                                only("Where readings should lie", comparison, written(WrittenWords::corridors)))
                        .filter(only -> !only.isNothing())
                        .toList());
    }

    public boolean isNothing() {
        return limits.isEmpty() && rungs.isEmpty() && only.isEmpty();
    }

    private static Stream<String> milestones(Course course) {
        return course.resolved().protocol().criteria().stream().map(Criterion::title);
    }

    private static Stream<String> duties(Course course) {
        return course.resolved().duties().stream()
                .map(Resolved.DutyInForce::duty)
                .map(WrittenWords::duty);
    }

    private static Stream<String> questions(Course course) {
        return course.resolved().protocol().questions().stream().map(Question::prompt);
    }

    private static Function<Course, Stream<String>> written(Function<WrittenWords, Stream<String>> what) {
        return course -> what.apply(new WrittenWords(course.resolved().protocol(), course.measures()));
    }

    private static Stream<Line> limits(LimitDifference limit) {
        return limit.stretches().stream()
                .map(stretch -> new Line(
                        DifferenceWords.title(stretch.what()),
                        DifferenceWords.left(stretch.what().before()),
                        DifferenceWords.left(stretch.what().after()),
                        DifferenceWords.days(stretch)));
    }

    /** What neither protocol speaks of is judged like everything else, and not listed. */
    private static boolean isSpokenOf(Comparison comparison, RoleDifference role) {
        return Stream.of(comparison.left(), comparison.right())
                .anyMatch(course -> course.resolved().openings().containsKey(role.role()));
    }

    private static Line rung(RoleDifference role, Signs left, Signs right) {
        String when = String.join(
                "; ",
                role.stretches().stream()
                        .map(stretch -> word(stretch.what().left()) + " | "
                                + word(stretch.what().right()) + " " + DifferenceWords.days(stretch))
                        .toList());
        Signs names = left.knows(role.role()) ? left : right;
        return new Line(
                names.title(role.role()),
                DifferenceWords.opens(role.opensLeft()),
                DifferenceWords.opens(role.opensRight()),
                when);
    }

    private static String word(VerdictKind kind) {
        return Terms.verdict(kind);
    }

    private static Only only(String what, Comparison comparison, Function<Course, Stream<String>> titles) {
        Set<String> left = new LinkedHashSet<>(titles.apply(comparison.left()).toList());
        Set<String> right = new LinkedHashSet<>(titles.apply(comparison.right()).toList());
        return new Only(what, without(left, right), without(right, left));
    }

    private static List<String> without(Set<String> all, Set<String> some) {
        List<String> without = new ArrayList<>(all);
        without.removeAll(some);
        return without;
    }
}
