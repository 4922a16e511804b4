package waypost.app.rack;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Ladder;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.time.CourseDay;
import waypost.library.words.SignWords;

/** Lays out the rack of a course on a day. */
@Component
public class Racks {

    private static final String TESTS = "Tests";
    private static final int SOON_DAYS = 14;

    /**
     * What a rack is made of.
     *
     * @param known the date up to which things are known
     * @param lastVisit the visit before the day shown
     */
    public record Wanted(
            Standing standing,
            List<Ladder> ladders,
            LocalDate known,
            Optional<LocalDate> lastVisit,
            RackFilter filter) {}

    /** What decides how the rack of a standing looks. */
    private record Look(LocalDate known, Optional<LocalDate> lastVisit, RackFilter filter) {}

    /** A standing is one and the same while nothing of it changes; what was laid out for it goes when it goes. */
    private final Cache<Standing, Map<Look, Rack>> laidOut =
            Caffeine.newBuilder().weakKeys().build();

    public Rack rack(Wanted wanted) {
        if (wanted.filter().isOn()) {
            return layOut(wanted);
        }
        return laidOut.get(wanted.standing(), standing -> new ConcurrentHashMap<>())
                .computeIfAbsent(new Look(wanted.known(), wanted.lastVisit(), wanted.filter()), look -> layOut(wanted));
    }

    private static Rack layOut(Wanted wanted) {
        Standing standing = wanted.standing();
        Signs signs = new Signs(standing);
        List<Verdict> spokenOf = spokenOf(standing, signs);
        Map<RackFilter.Show, Set<RoleKey>> changes = changes(wanted);
        Set<RoleKey> spoken = spokenOf.stream().map(Verdict::role).collect(Collectors.toSet());
        changes.values().forEach(roles -> roles.retainAll(spoken));
        Map<RackFilter.Show, Integer> counts = new EnumMap<>(RackFilter.Show.class);
        changes.forEach((show, roles) -> counts.put(show, roles.size()));
        Set<String> through = through(wanted.filter(), spokenOf, signs, changes);
        Map<String, Activity> activities = new LinkedHashMap<>();
        spokenOf.forEach(v -> activities.put(v.role().activity(), signs.activity(v.role())));
        return new Rack(
                rows(wanted.ladders(), spokenOf, signs).stream()
                        .map(row -> row.matching(sign -> through.contains(sign.key())))
                        .filter(row -> !row.signs().isEmpty())
                        .toList(),
                spokenOf.stream().filter(v -> v.kind().isOpen()).count(),
                spokenOf.size(),
                through.size(),
                counts,
                wanted.lastVisit().map(SignWords::date).orElse(""),
                purposes(activities.values()),
                equipment(activities.values()),
                wanted.filter());
    }

    private static List<Verdict> spokenOf(Standing standing, Signs signs) {
        return standing.verdicts().stream()
                .filter(v -> standing.course().speaksOf(signs.activity(v.role())))
                .sorted(Comparator.comparingInt(v -> rung(signs.activity(v.role()))))
                .toList();
    }

    /** The keys of those that the filter lets through. */
    private static Set<String> through(
            RackFilter filter, List<Verdict> spokenOf, Signs signs, Map<RackFilter.Show, Set<RoleKey>> changes) {
        return spokenOf.stream()
                .filter(v -> filter.asksFor(signs.activity(v.role()), v.kind()))
                .filter(v -> filter.show() == RackFilter.Show.ALL
                        || changes.getOrDefault(filter.show(), Set.of()).contains(v.role()))
                .map(v -> v.role().toString())
                .collect(Collectors.toSet());
    }

    private static List<Purpose> purposes(Collection<Activity> activities) {
        return activities.stream()
                .filter(Activity.Exercise.class::isInstance)
                .map(a -> ((Activity.Exercise) a).purpose())
                .distinct()
                .sorted()
                .toList();
    }

    private static List<String> equipment(Collection<Activity> activities) {
        return activities.stream()
                .flatMap(a -> RackFilter.equipmentOf(a).stream())
                .distinct()
                .sorted()
                .toList();
    }

    private static List<Row> rows(List<Ladder> ladders, List<Verdict> spokenOf, Signs signs) {
        Map<String, String> titles = new LinkedHashMap<>();
        ladders.forEach(ladder -> titles.put(ladder.id(), ladder.title()));
        titles.put(TESTS, TESTS);
        Map<String, List<Sign>> byLadder = spokenOf.stream()
                .collect(Collectors.groupingBy(
                        v -> ladder(signs.activity(v.role())), Collectors.mapping(signs::of, Collectors.toList())));
        List<Row> rows = new ArrayList<>();
        titles.forEach((id, title) -> {
            List<Sign> of = byLadder.getOrDefault(id, List.of());
            if (!of.isEmpty()) {
                rows.add(id.equals(TESTS) ? tests(of) : Row.of(title, of));
            }
        });
        return rows;
    }

    /** Tests have no order of their own: what may be measured today comes first. */
    private static Row tests(List<Sign> signs) {
        return Row.unordered(
                TESTS,
                signs.stream()
                        .sorted(Comparator.comparing(sign -> !sign.isOpen()))
                        .toList());
    }

    private static Map<RackFilter.Show, Set<RoleKey>> changes(Wanted wanted) {
        Standing standing = wanted.standing();
        Map<RackFilter.Show, Set<RoleKey>> changes = new EnumMap<>(RackFilter.Show.class);
        Set<RoleKey> opened = new HashSet<>();
        Set<RoleKey> closed = new HashSet<>();
        wanted.lastVisit()
                .filter(visit -> visit.isBefore(standing.date()))
                .map(visit -> standing.course().on(visit, visit, Outlook.TIME_ONLY))
                .ifPresent(then -> {
                    opened.addAll(standing.openedSince(then));
                    closed.addAll(then.openedSince(standing));
                });
        changes.put(RackFilter.Show.OPENED, opened);
        changes.put(RackFilter.Show.CLOSED_AGAIN, closed);
        changes.put(RackFilter.Show.SOON, soon(standing, wanted.known()));
        return changes;
    }

    private static Set<RoleKey> soon(Standing standing, LocalDate known) {
        Course course = standing.course();
        LocalDate dayZero = course.resolved().dayZero();
        Outlook outlook = standing.planned() ? Outlook.TO_PLAN : Outlook.TIME_ONLY;
        Set<RoleKey> soon = new HashSet<>();
        CourseDay tomorrow = standing.day().plusDays(1);
        for (CourseDay day : course.daysOfChange().subSet(tomorrow, tomorrow.plusDays(SOON_DAYS))) {
            soon.addAll(course.on(day.dateFrom(dayZero), known, outlook).openedSince(standing));
        }
        return soon;
    }

    private static int rung(Activity activity) {
        return activity instanceof Activity.Exercise exercise ? exercise.rung() : 0;
    }

    private static String ladder(Activity activity) {
        return activity instanceof Activity.Exercise exercise ? exercise.ladder() : TESTS;
    }
}
