package waypost.library.words;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import waypost.core.compare.Restricted;
import waypost.core.compare.Stretch;
import waypost.core.course.Precaution;
import waypost.core.time.CourseDay;

/** Says what differs between two standings or two courses. */
public final class DifferenceWords {

    private DifferenceWords() {}

    /** What is limited, such as "Bend under load after meniscus repair". */
    public static String title(Restricted restricted) {
        return restricted.any().limit().limit().head().title();
    }

    /** What is left on one side: "at most 60° of flexion", or "no limit". */
    public static String left(List<Precaution<?>> precautions) {
        return precautions.isEmpty()
                ? "no limit"
                : precautions.stream()
                        .map(p ->
                                PrecautionWords.left(p.limit().limit(), p.step().value()))
                        .map(left -> left.isEmpty() ? "none" : left)
                        .distinct()
                        .collect(Collectors.joining(" and "));
    }

    /** The days of a stretch: "day 0 to day 41 (6 weeks)". */
    public static String days(Stretch<?> stretch) {
        return "from " + day(stretch.from())
                + stretch.until().map(end -> " to " + day(end.plusDays(-1))).orElse(" on");
    }

    /** The first day on which something is open, or that it never is. */
    public static String opens(Optional<CourseDay> day) {
        return day.map(DifferenceWords::day).orElse("never");
    }

    private static String day(CourseDay day) {
        boolean wholeWeeks = day.number() > 0 && day.daysBeyondWeeks() == 0;
        return wholeWeeks ? day + " (" + day.weeksCompleted() + " wk)" : day.toString();
    }
}
