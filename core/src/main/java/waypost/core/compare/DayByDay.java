package waypost.core.compare;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Stream;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.reason.VerdictKind;
import waypost.core.time.CourseDay;

/** Walks two courses over the days on which either changes, and keeps what differs. */
final class DayByDay {

    /** One role on its way through both. */
    private static final class RoleRun {
        private final Stretch.Run<RoleDifference.Kinds> run = new Stretch.Run<>(RoleDifference.Kinds::equals);
        private Optional<CourseDay> opensLeft = Optional.empty();
        private Optional<CourseDay> opensRight = Optional.empty();

        void on(CourseDay day, VerdictKind left, VerdictKind right) {
            opensLeft = opensLeft.or(() -> Optional.of(day).filter(now -> left.isOpen()));
            opensRight = opensRight.or(() -> Optional.of(day).filter(now -> right.isOpen()));
            run.on(day, left == right ? Optional.empty() : Optional.of(new RoleDifference.Kinds(left, right)));
        }
    }

    /** One thing that is limited, on its way through both. */
    private record LimitRun(Restricted about, Stretch.Run<Restricted> run) {

        static LimitRun of(Restricted about) {
            return new LimitRun(about, new Stretch.Run<>(Restricted::tellsTheSameAs));
        }
    }

    private final Course left;
    private final Course right;
    private final Map<RoleKey, RoleRun> roles = new LinkedHashMap<>();
    private final List<LimitRun> limits = new ArrayList<>();

    DayByDay(Course left, Course right) {
        this.left = left;
        this.right = right;
    }

    Comparison compared() {
        LocalDate dayZero = left.resolved().dayZero();
        SortedSet<CourseDay> days = new TreeSet<>();
        Stream.of(left, right).flatMap(DayByDay::changes).forEach(days::add);
        LocalDate before = days.first().dateFrom(dayZero).minusDays(1);
        for (CourseDay day : days) {
            LocalDate date = day.dateFrom(dayZero);
            Standing one = left.on(date, before, Outlook.TO_PLAN);
            Standing other = right.on(date, before, Outlook.TO_PLAN);
            verdicts(day, kinds(one), kinds(other));
            limits(day, Restricted.between(one.strictestPrecautions(), other.strictestPrecautions()));
        }
        return new Comparison(left, right, roleDifferences(), limitDifferences());
    }

    private static Stream<CourseDay> changes(Course course) {
        CourseDay begins = course.resolved().protocol().begins(course.resolved().dayZero());
        return Stream.concat(Stream.of(begins), course.daysOfChange().tailSet(begins).stream());
    }

    private static Map<RoleKey, VerdictKind> kinds(Standing standing) {
        Map<RoleKey, VerdictKind> kinds = new LinkedHashMap<>();
        for (Verdict verdict : standing.verdicts()) {
            kinds.put(verdict.role(), verdict.kind());
        }
        return kinds;
    }

    private void verdicts(CourseDay day, Map<RoleKey, VerdictKind> one, Map<RoleKey, VerdictKind> other) {
        Set<RoleKey> all = new LinkedHashSet<>(one.keySet());
        all.addAll(other.keySet());
        for (RoleKey role : all) {
            roles.computeIfAbsent(role, key -> new RoleRun())
                    .on(
                            day,
                            one.getOrDefault(role, VerdictKind.NOT_COVERED),
                            other.getOrDefault(role, VerdictKind.NOT_COVERED));
        }
    }

    private void limits(CourseDay day, List<Restricted> otherwise) {
        for (Restricted now : otherwise) {
            if (limits.stream().noneMatch(limit -> limit.about().isAboutSameAs(now))) {
                limits.add(LimitRun.of(now));
            }
        }
        for (LimitRun limit : limits) {
            limit.run()
                    .on(
                            day,
                            otherwise.stream()
                                    .filter(limit.about()::isAboutSameAs)
                                    .findFirst());
        }
    }

    private List<RoleDifference> roleDifferences() {
        List<RoleDifference> differences = new ArrayList<>();
        roles.forEach((role, one) -> {
            if (!one.run.stretches().isEmpty()) {
                differences.add(new RoleDifference(role, one.opensLeft, one.opensRight, one.run.stretches()));
            }
        });
        return differences;
    }

    private List<LimitDifference> limitDifferences() {
        return limits.stream()
                .map(one -> new LimitDifference(one.run().stretches()))
                .toList();
    }
}
