package waypost.core.gate;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.measure.Measure;
import waypost.core.resolved.InForce;
import waypost.core.resolved.OpeningInForce;
import waypost.core.resolved.Resolved;
import waypost.core.time.CourseDay;

/** Judges the roles of exercises and tests for one course. Rules are compiled once; judging is a pure function. */
public final class Gate {

    private final Map<RoleKey, RoleGate> roles = new LinkedHashMap<>();
    private final SortedSet<CourseDay> changes = new TreeSet<>();
    private final Resolved resolved;
    private final LimitsByDemand limits;
    private final RangeNeeded ranges;

    private Gate(Resolved resolved, Collection<Measure> measures) {
        this.resolved = resolved;
        this.limits = new LimitsByDemand(resolved.limits());
        this.ranges = RangeNeeded.from(measures);
    }

    /** Compiles the rules of a course for a library of activities. */
    public static Gate of(Resolved resolved, Collection<Activity> activities, Collection<Measure> measures) {
        Gate gate = new Gate(resolved, measures);
        for (Activity activity : activities) {
            for (Role role : activity.roles()) {
                gate.roles.put(role.key(), RoleGate.compile(role, resolved, gate.limits, gate.ranges));
            }
        }
        resolved.limits().stream().flatMap(InForce::changes).forEach(gate.changes::add);
        resolved.openings().values().stream().flatMap(OpeningInForce::changes).forEach(gate.changes::add);
        resolved.setUps().stream().flatMap(setUp -> setUp.steps().changes()).forEach(gate.changes::add);
        return gate;
    }

    /** The verdict on one role, with every reason. */
    public Verdict judge(RoleKey role, Facts facts) {
        RoleGate found = roles.get(role);
        if (found == null) {
            throw new IllegalArgumentException("role: found '" + role + "', allowed: a role of the course's library");
        }
        return found.judge(facts);
    }

    /** The verdict on a role of the library that asks more or less than it is written with, such as a heavier load. */
    public Verdict judgeAltered(Role role, Facts facts) {
        if (!roles.containsKey(role.key())) {
            throw new IllegalArgumentException(
                    "role: found '" + role.key() + "', allowed: a role of the course's library");
        }
        return RoleGate.compile(role, resolved, limits, ranges).judge(facts);
    }

    /** Verdicts on the whole library, in its order. */
    public List<Verdict> judgeAll(Facts facts) {
        List<Verdict> verdicts = new ArrayList<>(roles.size());
        for (RoleGate role : roles.values()) {
            verdicts.add(role.judge(facts));
        }
        return verdicts;
    }

    /** The days on which a rule of this course begins, changes or ends; between two of them every verdict stands. */
    public SortedSet<CourseDay> changePoints() {
        return Collections.unmodifiableSortedSet(changes);
    }

    /** The first day after the facts' day on which the role is open by time alone; empty when time does not open it. */
    public Optional<CourseDay> opensByTime(RoleKey role, Facts facts) {
        for (CourseDay day : changes.tailSet(facts.day().plusDays(1))) {
            if (judge(role, facts.on(day)).kind().isOpen()) {
                return Optional.of(day);
            }
        }
        return Optional.empty();
    }
}
