package waypost.library.lint;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import waypost.core.body.Region;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.log.Evidence;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolver;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;

/** A course in which all goes to plan: phases come when expected, milestones are met, the range is there. */
public final class NormalHealing {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);

    private final Course course;
    private final Map<Integer, Standing> standings = new HashMap<>();

    private NormalHealing(Course course) {
        this.course = course;
    }

    /** The course of a protocol under these answers. */
    public static NormalHealing of(Protocol protocol, Answers answers, Bundle bundle) {
        return of(protocol, answers, bundle, bundle.activities());
    }

    /** The same with other activities. */
    static NormalHealing of(Protocol protocol, Answers answers, Bundle bundle, List<Activity> activities) {
        return new NormalHealing(Course.of(
                Resolver.resolve(protocol, answers, DAY_ZERO),
                activities,
                bundle.measures(),
                History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of())));
    }

    /** Where it stands on a day. */
    public Standing on(CourseDay day) {
        return standings.computeIfAbsent(
                day.number(),
                number ->
                        course.on(day.dateFrom(DAY_ZERO), day.dateFrom(DAY_ZERO).minusDays(1), Outlook.TO_PLAN));
    }

    /** The days on which anything may change, day 0 among them. */
    public SortedSet<CourseDay> days() {
        SortedSet<CourseDay> days = new TreeSet<>(course.gate().changePoints());
        for (Phase phase : course.resolved().protocol().phases()) {
            days.add(phase.expected().from(DAY_ZERO));
        }
        days.add(CourseDay.ZERO);
        return days;
    }

    /** The first day on which a role is open, if only with a limit. */
    public Optional<CourseDay> firstOpen(RoleKey role) {
        return days().stream().filter(day -> verdict(role, day).kind().isOpen()).findFirst();
    }

    /** What the operation or injury concerns, under these answers. */
    public Region region() {
        return course.resolved().region();
    }

    public Verdict verdict(RoleKey role, CourseDay day) {
        return on(day).verdict(role);
    }
}
