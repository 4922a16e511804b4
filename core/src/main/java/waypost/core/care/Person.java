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
import waypost.core.body.Region;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;

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

    /** What all courses together say on {@code date}, of every role on every operated side. */
    public List<JointVerdict> on(LocalDate date, LocalDate today, Outlook outlook) {
        Map<String, Standing> standings = new HashMap<>();
        running.forEach(e -> standings.put(e.id(), e.course().on(date, today, outlook)));
        List<JointVerdict> verdicts = new ArrayList<>();
        for (Episode asked : running) {
            standings.get(asked.id()).verdicts().forEach(v -> verdicts.add(together(asked, v.role(), standings)));
        }
        return verdicts;
    }

    private JointVerdict together(Episode asked, RoleKey role, Map<String, Standing> standings) {
        List<JointVerdict.Said> said = new ArrayList<>();
        said.add(new JointVerdict.Said(asked.id(), standings.get(asked.id()).verdict(role)));
        for (Episode other : running) {
            if (other != asked) {
                playedIn(other.course(), asked.course(), role)
                        .map(played -> standings.get(other.id()).verdict(played))
                        .ifPresent(verdict -> said.add(new JointVerdict.Said(other.id(), verdict)));
            }
        }
        return new JointVerdict(role, asked.course().history().side(), said);
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
