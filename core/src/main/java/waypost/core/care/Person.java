package waypost.core.care;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.body.Region;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;

/**
 * One person's courses, judged together. A course that another revises is only kept as its past. When the same joint is
 * being treated on both sides, neither is a healthy yardstick for the other.
 */
public final class Person {

    private final List<Episode> running;
    private final Map<RoleKey, Role> roles = new HashMap<>();

    private Person(List<Episode> running) {
        this.running = running;
        running.forEach(episode -> episode.course()
                .activities()
                .forEach(activity -> activity.roles().forEach(role -> roles.putIfAbsent(role.key(), role))));
    }

    /** Brings courses together. */
    public static Person of(List<Episode> episodes) {
        Set<String> revised = episodes.stream()
                .flatMap(episode -> episode.course().history().revisionOf().stream())
                .collect(Collectors.toSet());
        List<Episode> running = episodes.stream()
                .filter(episode -> !revised.contains(episode.id()))
                .toList();
        return new Person(running.stream().map(e -> seeing(e, running)).toList());
    }

    private static Episode seeing(Episode episode, List<Episode> all) {
        boolean sameJointOtherSide = all.stream().anyMatch(other -> isOtherSideOf(episode.course(), other.course()));
        return sameJointOtherSide
                ? new Episode(
                        episode.id(),
                        episode.course().with(episode.course().history().withoutHealthyOtherSide()))
                : episode;
    }

    private static boolean isOtherSideOf(Course one, Course other) {
        return one.history().side() != other.history().side()
                && !Collections.disjoint(region(one).joints(), region(other).joints());
    }

    private static Region region(Course course) {
        return course.resolved().region();
    }

    /** The courses that are running, as they see each other. */
    public List<Episode> running() {
        return running;
    }

    /** A course and where it stands. */
    private record Now(Episode episode, Standing standing) {}

    /** What all courses together say on {@code date}, of everything that a course speaks of, on its operated side. */
    public List<JointVerdict> on(LocalDate date, LocalDate today, Outlook outlook) {
        List<Now> now = running.stream()
                .map(episode -> new Now(episode, episode.course().on(date, today, outlook)))
                .toList();
        return now.stream()
                .flatMap(asked -> spokenOf(asked).map(verdict -> together(asked, verdict, now)))
                .toList();
    }

    private static Stream<Verdict> spokenOf(Now asked) {
        Course course = asked.episode().course();
        Set<String> activities = course.activities().stream()
                .filter(course::speaksOf)
                .map(Activity::id)
                .collect(Collectors.toSet());
        return asked.standing().verdicts().stream()
                .filter(verdict -> activities.contains(verdict.role().activity()));
    }

    private JointVerdict together(Now asked, Verdict verdict, List<Now> all) {
        List<JointVerdict.Said> said = new ArrayList<>();
        said.add(new JointVerdict.Said(asked.episode().id(), verdict));
        for (Now other : all) {
            if (other != asked) {
                playedIn(other.episode().course(), asked.episode().course(), verdict.role())
                        .map(played -> other.standing().verdict(played))
                        .ifPresent(v ->
                                said.add(new JointVerdict.Said(other.episode().id(), v)));
            }
        }
        return new JointVerdict(
                verdict.role(), asked.episode().course().history().side(), said);
    }

    /** The role that the other course's limb plays meanwhile; empty when it plays none. */
    private Optional<RoleKey> playedIn(Course other, Course asked, RoleKey role) {
        boolean facing = other.history().side() != asked.history().side()
                && !Collections.disjoint(region(other).limbs(), region(asked).limbs());
        return facing
                ? Optional.ofNullable(roles.get(role))
                        .flatMap(Role::counterpart)
                        .map(name -> new RoleKey(role.activity(), name))
                : Optional.of(role);
    }
}
