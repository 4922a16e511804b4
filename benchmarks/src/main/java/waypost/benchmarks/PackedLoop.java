package waypost.benchmarks;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.protocol.Phase;
import waypost.core.resolved.InForce;
import waypost.core.resolved.OpeningInForce;
import waypost.core.resolved.Resolved;
import waypost.core.time.CourseDay;

/**
 * The least that judging can cost: every objection of limits and openings as an interval of days and phases in plain
 * arrays, looked through once a day. It gives no reasons, cuts nothing down and meets no criterion.
 */
final class PackedLoop {

    private static final int ALWAYS = Integer.MIN_VALUE;
    private static final int NEVER = Integer.MAX_VALUE;

    private final int[] from;
    private final int[] until;
    private final int[] belowPhase;
    private final List<String> says;

    /** @param belowPhase it objects only while the signed phase comes before this one; {@link #NEVER} for any */
    private record Interval(int from, int until, int belowPhase, String says) {}

    PackedLoop(Resolved resolved, List<Activity> library) {
        List<Interval> all = new ArrayList<>();
        for (Activity activity : library) {
            for (Role role : activity.roles()) {
                addLimits(role, resolved, all);
                addOpening(role, resolved, all);
            }
        }
        from = all.stream().mapToInt(Interval::from).toArray();
        until = all.stream().mapToInt(Interval::until).toArray();
        belowPhase = all.stream().mapToInt(Interval::belowPhase).toArray();
        says = all.stream().map(Interval::says).toList();
    }

    private static void addLimits(Role role, Resolved resolved, List<Interval> all) {
        for (int at = 0; at < role.demands().size(); at++) {
            for (InForce<?> limit : resolved.limits()) {
                if (limit.limit().sought().fits(role.demands().get(at))
                        && limit.limit().concerns(role, at)) {
                    addLimit(limit, role, at, all);
                }
            }
        }
    }

    private static void addLimit(InForce<?> limit, Role role, int at, List<Interval> all) {
        List<CourseDay> days = limit.changes().sorted().distinct().toList();
        for (int i = 0; i < days.size(); i++) {
            if (!limit.respected(role, at, days.get(i), Set.of())) {
                int end = i + 1 < days.size() ? days.get(i + 1).number() : NEVER;
                all.add(new Interval(
                        days.get(i).number(), end, NEVER, role.key() + " limit " + limit.from().ruleId()));
            }
        }
    }

    private static void addOpening(Role role, Resolved resolved, List<Interval> all) {
        OpeningInForce opening = resolved.openings().get(role.key());
        boolean concerned = role.demands().stream().anyMatch(demand -> demand.concerns(resolved.region()));
        if (opening == null && !concerned) {
            return;
        }
        if (opening == null || !opening.isCovered()) {
            all.add(new Interval(ALWAYS, NEVER, NEVER, role.key() + " not covered"));
            return;
        }
        for (OpeningInForce.Needed needed : opening.needed()) {
            addNeeded(role, needed, resolved.protocol().phases(), all);
        }
    }

    private static void addNeeded(Role role, OpeningInForce.Needed needed, List<Phase> phases, List<Interval> all) {
        String rule = needed.rule().ruleId();
        all.add(new Interval(ALWAYS, number(needed.from().orElse(null)), NEVER, role.key() + " before " + rule));
        needed.until().ifPresent(end -> all.add(new Interval(end.number(), NEVER, NEVER, role.key() + " over " + rule)));
        needed.phase().ifPresent(phase ->
                all.add(new Interval(ALWAYS, NEVER, phases.indexOf(phase), role.key() + " phase " + rule)));
        needed.criteria().forEach(criterion -> all.add(new Interval(
                ALWAYS,
                criterion.neverLapses() ? NEVER : number(needed.regardless().orElse(null)),
                NEVER,
                role.key() + " milestone " + criterion.id() + " " + rule)));
    }

    private static int number(CourseDay day) {
        return day == null ? NEVER : day.number();
    }

    int intervals() {
        return from.length;
    }

    /** The objections of a day by their place, the first {@code n} of the array; gives {@code n}. */
    int find(int day, int phase, int[] found) {
        int objections = 0;
        for (int i = 0; i < from.length; i++) {
            if (day >= from[i] && day < until[i] && phase < belowPhase[i]) {
                found[objections++] = i;
            }
        }
        return objections;
    }

    /** The same, in the words of the engine's rules. */
    Set<String> on(int day, int phase) {
        Set<String> said = new HashSet<>();
        for (int i = 0; i < from.length; i++) {
            if (day >= from[i] && day < until[i] && phase < belowPhase[i]) {
                said.add(says.get(i));
            }
        }
        return said;
    }
}
