package waypost.core.care;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.core.course.Companion;
import waypost.core.course.Course;

/**
 * One person's courses, each judged beside the others: {@link Course#on} of any of them opens nothing that another closes,
 * and no operated joint is the healthy yardstick of the other side. A course that another revises is only kept as its
 * past.
 *
 * @param episodes every course, each knowing the others that count beside it
 */
public record Person(List<Episode> episodes) {

    public Person {
        episodes = List.copyOf(episodes);
    }

    /** Brings courses together. */
    public static Person of(List<Episode> apart) {
        Set<String> revised = revised(apart);
        List<Companion> counting = apart.stream()
                .filter(episode -> !revised.contains(episode.id()))
                .map(episode -> new Companion(episode.id(), episode.course()))
                .toList();
        return new Person(apart.stream()
                .map(episode -> revised.contains(episode.id())
                        ? episode
                        : new Episode(episode.id(), episode.course().among(without(counting, episode.id()))))
                .toList());
    }

    private static Set<String> revised(List<Episode> episodes) {
        return episodes.stream()
                .flatMap(episode -> episode.course().history().revisionOf().stream())
                .collect(Collectors.toSet());
    }

    private static List<Companion> without(List<Companion> all, String id) {
        return all.stream().filter(companion -> !companion.id().equals(id)).toList();
    }

    /** The courses that none of the others revises. */
    public List<Episode> running() {
        Set<String> revised = revised(episodes);
        return episodes.stream()
                .filter(episode -> !revised.contains(episode.id()))
                .toList();
    }

    /** The course of this id; refused where the person has none. */
    public Course course(String id) {
        return episodes.stream()
                .filter(episode -> episode.id().equals(id))
                .map(Episode::course)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("course: found '" + id + "', allowed: "
                        + episodes.stream().map(Episode::id).collect(Collectors.joining(", "))));
    }
}
