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
import org.jspecify.annotations.Nullable;
import waypost.core.demand.Demand;
import waypost.core.exercise.Activity;
import waypost.core.exercise.OtherSide;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.measure.Measure;
import waypost.core.reason.Reason;
import waypost.core.resolved.InForce;
import waypost.core.resolved.OpeningInForce;
import waypost.core.resolved.Resolved;
import waypost.core.time.CourseDay;

/** Judges the roles of exercises and tests for one course. Rules are compiled once; judging is a pure function. */
public final class Gate {

    private final LibraryRules library;
    private final RoleGate.InCourse course;
    private final Map<RoleKey, RoleGate> roles = new LinkedHashMap<>();
    private final Covering covering;
    private volatile @Nullable SortedSet<CourseDay> changes;

    private Gate(LibraryRules library, Resolved resolved, List<InForce<?>> ordered, RangeNeeded ranges) {
        this.library = library;
        this.course = new RoleGate.InCourse(resolved, new LimitsInForce(ordered), ranges);
        for (RoleRules rules : library.roles()) {
            roles.put(rules.role().key(), new RoleGate(rules, course));
        }
        this.covering = new Covering(library.asks(), roles.values());
    }

    /** Compiles the rules of a course for a library of activities. */
    public static Gate of(Resolved resolved, Collection<Activity> activities, Collection<Measure> measures) {
        return compiled(resolved, activities, RangeNeeded.from(measures));
    }

    private static Gate compiled(Resolved resolved, Collection<Activity> activities, RangeNeeded ranges) {
        List<InForce<?>> ordered = LimitsByDemand.ordered(resolved.limits());
        return new Gate(new LibraryRules(resolved, ordered, activities), resolved, ordered, ranges);
    }

    /**
     * The gate of another course for the same library: this one where it serves, else this with what is in force put on the
     * other's days. Where more than the days differs it is compiled anew.
     */
    public Gate forCourse(Resolved other) {
        if (servesFor(other)) {
            return this;
        }
        List<InForce<?>> ordered = LimitsByDemand.ordered(other.limits());
        return library.fit(other, ordered)
                ? new Gate(library, other, ordered, course.ranges())
                : compiled(other, library.library(), course.ranges());
    }

    /**
     * Whether it judges for {@code other} as well: the same rules on the same days, though day 0 may be another date. The
     * library has to be the same.
     */
    public boolean servesFor(Resolved other) {
        Resolved resolved = course.resolved();
        return resolved.protocol().equals(other.protocol())
                && resolved.region().equals(other.region())
                && resolved.limits().equals(other.limits())
                && resolved.openings().equals(other.openings())
                && resolved.setUps().equals(other.setUps());
    }

    private RoleGate once(Role role) {
        return once(role, List.of());
    }

    private RoleGate once(Role role, List<Demand> more) {
        return new RoleGate(library.once(role, more), course);
    }

    /** What is changed in a role that is written; what it then asks more has to be asked by something open as well. */
    private RoleGate changed(Role role, RoleGate written) {
        return once(role, role.beyond(written.role()));
    }

    /** The verdict on a role as another course of the person has it, perhaps from another version of the library. */
    Verdict judgeForeign(Role role, Facts facts) {
        RoleGate mine = roles.get(role.key());
        if (mine == null) {
            return judgeTurned(role, facts);
        }
        return mine.role() == role
                ? covering.on(facts).judge(mine)
                : changed(role, mine).judge(facts, covering.on(facts));
    }

    /** The verdict on what a role asks of the other side. */
    Verdict judgeTurned(Role turned, Facts facts) {
        return once(turned).judge(facts, covering.on(facts));
    }

    /** The verdict on one role, with every reason. */
    public Verdict judge(RoleKey role, Facts facts) {
        return covering.on(facts).judge(known(role));
    }

    private RoleGate known(RoleKey role) {
        RoleGate found = roles.get(role);
        if (found == null) {
            throw new IllegalArgumentException("role: found '" + role + "', allowed: a role of the course's library");
        }
        return found;
    }

    /** A role of the library as it is written. */
    Role role(RoleKey key) {
        return known(key).role();
    }

    /** The role as the other side of the body meets it. */
    OtherSide fromOtherSide(Role role) {
        return new OtherSide(role, library.posture(role));
    }

    /** The part that the other limb plays meanwhile, if its activity has one of that name. */
    Optional<RoleKey> facing(Role role) {
        return role.facing()
                .map(name -> new RoleKey(role.key().activity(), name))
                .filter(roles::containsKey);
    }

    /**
     * What is said of a limb that only lies or carries while the other side exercises: within the limits, and no more than
     * something that is open here today asks as well.
     */
    Verdict judgeMeanwhile(Role role, Facts facts) {
        return once(role).judgeMeanwhile(facts, isCovered(role.demands(), facts));
    }

    /** What is said against what the operated limb does while the other one plays a role alone. */
    List<Reason> meanwhile(Role role, Facts facts) {
        Optional<RoleKey> part = facing(role);
        if (part.isPresent()) {
            return judge(part.get(), facts).reasons();
        }
        return fromOtherSide(role)
                .meanwhile()
                .map(still -> judgeMeanwhile(still, facts).reasons())
                .orElseGet(() -> known(role.key()).stops(facts));
    }

    /** Whether the region of another course has a limb of the same kind. */
    boolean hasALimbOf(Gate other) {
        return !Collections.disjoint(
                course.resolved().region().limbs(),
                other.course.resolved().region().limbs());
    }

    /** What is said of something done to the limb that no library holds: as of what it does meanwhile. */
    Verdict judgeByHand(Role treated, Facts facts) {
        boolean covered =
                ByHand.forms(treated, course.resolved().limits(), facts).anyMatch(form -> isCovered(form, facts));
        return once(treated).judgeMeanwhile(facts, covered);
    }

    private boolean isCovered(List<Demand> demands, Facts facts) {
        return covering.on(facts).uncovered(library.asks().of(demands)).isEmpty();
    }

    /** The verdict on a role of the library that asks more or less than it is written with, such as a heavier load. */
    public Verdict judgeAltered(Role role, Facts facts) {
        return changed(role, known(role.key())).judge(facts, covering.on(facts));
    }

    /** Verdicts on the whole library, in its order. */
    public List<Verdict> judgeAll(Facts facts) {
        Covering.Today today = covering.on(facts);
        List<Verdict> verdicts = new ArrayList<>(roles.size());
        for (RoleGate role : roles.values()) {
            verdicts.add(today.judge(role));
        }
        return verdicts;
    }

    /** The days on which a rule of this course begins, changes or ends; between two of them every verdict stands. */
    public SortedSet<CourseDay> changePoints() {
        SortedSet<CourseDay> known = changes;
        if (known == null) {
            known = Collections.unmodifiableSortedSet(changesOfRules());
            changes = known;
        }
        return known;
    }

    private SortedSet<CourseDay> changesOfRules() {
        SortedSet<CourseDay> days = new TreeSet<>();
        course.resolved().limits().stream().flatMap(InForce::changes).forEach(days::add);
        course.resolved().openings().values().stream()
                .flatMap(OpeningInForce::changes)
                .forEach(days::add);
        course.resolved().setUps().stream()
                .flatMap(setUp -> setUp.steps().changes())
                .forEach(days::add);
        return days;
    }
}
