package waypost.core.course;

import java.time.LocalDate;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import waypost.core.demand.Demand;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.DayGate;
import waypost.core.gate.Facts;
import waypost.core.gate.Gate;
import waypost.core.gate.Judged;
import waypost.core.log.Decisions;
import waypost.core.log.Hold;
import waypost.core.measure.Measure;
import waypost.core.milestone.Milestone;
import waypost.core.milestone.TestSafety;
import waypost.core.protocol.HoldRule;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolved;
import waypost.core.resolved.Resolver;
import waypost.core.time.CourseDay;
import waypost.core.time.Window;

/** A course of care: the rules in force for it, and what has been measured, signed and held. */
public final class Course {

    private static final int MOST_STANDINGS = 12;
    private static final int REACH_BEFORE_DAYS = 400;
    private static final int REACH_AFTER_YEARS = 10;

    private final Resolved resolved;
    private final List<Activity> activities;
    private final List<Measure> measures;
    private final Gate gate;
    private final History history;
    private final List<Companion> others;
    private final Knowledge knowledge;
    /** Standings that were asked for lately: pages ask for the same day again and again. */
    private final Map<Asked, Standing> standings = new ConcurrentHashMap<>();

    private Course(
            Resolved resolved,
            List<Activity> activities,
            List<Measure> measures,
            Gate gate,
            History history,
            List<Companion> others) {
        this.resolved = resolved;
        this.activities = activities;
        this.measures = measures;
        this.gate = gate;
        this.history = history;
        this.others = List.copyOf(others);
        this.knowledge = new Knowledge(this);
    }

    /** Compiles the rules of a course against its bundle's activities and measures. */
    public static Course of(Resolved resolved, List<Activity> activities, List<Measure> measures, History history) {
        return new Course(resolved, activities, measures, Gate.of(resolved, activities, measures), history);
    }

    /** The same from a gate that was compiled for another course of the same bundle, as far as that goes. */
    public static Course of(
            Resolved resolved, List<Activity> activities, List<Measure> measures, Gate known, History history) {
        return new Course(resolved, activities, measures, known.forCourse(resolved), history);
    }

    /** A course that stands alone. */
    private Course(Resolved resolved, List<Activity> activities, List<Measure> measures, Gate gate, History history) {
        this(resolved, List.copyOf(activities), List.copyOf(measures), gate, history.withDerived(measures), List.of());
    }

    /** The same course under other answers or decisions: what would be. */
    public Course with(Answers answers, Decisions decisions) {
        Resolved other = Resolver.resolve(resolved.protocol(), answers, resolved.clocks(), decisions);
        return new Course(other, activities, measures, Gate.of(other, activities, measures), history, others);
    }

    /** The same course with another history; the rules in force are the same. */
    public Course with(History other) {
        return new Course(resolved, activities, measures, gate, other.withDerived(measures), others);
    }

    /** The same course beside the person's others: nothing is open that one of them closes. */
    public Course among(List<Companion> companions) {
        boolean treatedOnBothSides = companions.stream().anyMatch(other -> isOtherSideOf(other.course()));
        return new Course(
                resolved,
                activities,
                measures,
                gate,
                treatedOnBothSides ? history.withoutHealthyOtherSide() : history,
                companions);
    }

    private boolean isOtherSideOf(Course other) {
        return history.side() != other.history.side()
                && !Collections.disjoint(
                        resolved.region().joints(), other.resolved.region().joints());
    }

    /** The person's other courses. */
    public List<Companion> others() {
        return others;
    }

    /** The days on its own count on which it runs: begun, and not ended; empty for one that ended before it began. */
    public Optional<Window> runs() {
        LocalDate dayZero = resolved.dayZero();
        CourseDay begins = resolved.protocol().begins(dayZero);
        Optional<CourseDay> ended = history.ended().map(date -> CourseDay.between(dayZero, date));
        Optional<CourseDay> over = resolved.protocol().scope().ends().map(moment -> moment.from(dayZero));
        Optional<CourseDay> until = Stream.concat(ended.stream(), over.stream()).min(CourseDay::compareTo);
        return until.filter(end -> !begins.isBefore(end)).isPresent()
                ? Optional.empty()
                : Optional.of(new Window(begins, until));
    }

    /** The first and the last day that a course can be asked about: 400 days before day 0 to ten years after it. */
    public LocalDate earliest() {
        return resolved.dayZero().minusDays(REACH_BEFORE_DAYS);
    }

    public LocalDate latest() {
        return resolved.dayZero().plusYears(REACH_AFTER_YEARS);
    }

    /** Whether it runs on {@code date}. */
    public boolean runsOn(LocalDate date) {
        CourseDay day = CourseDay.between(resolved.dayZero(), date);
        return runs().map(window -> window.contains(day)).orElse(false);
    }

    public Resolved resolved() {
        return resolved;
    }

    public Gate gate() {
        return gate;
    }

    public History history() {
        return history;
    }

    /**
     * Where the course stands on {@code date}.
     *
     * @param today the date up to which things are known; a later {@code date} is a look ahead
     */
    public Standing on(LocalDate date, LocalDate today, Outlook outlook) {
        Asked asked = new Asked(date, today, outlook);
        Standing known = standings.get(asked);
        if (known != null) {
            return known;
        }
        Standing standing = worked(date, today, outlook);
        if (standings.size() >= MOST_STANDINGS) {
            standings.clear();
        }
        standings.put(asked, standing);
        return standing;
    }

    /** A day as it is asked about. */
    private record Asked(LocalDate date, LocalDate today, Outlook outlook) {}

    private Standing worked(LocalDate date, LocalDate today, Outlook outlook) {
        boolean planned = outlook == Outlook.TO_PLAN && date.isAfter(today);
        LocalDate known = date.isBefore(today) ? date : today;
        List<Milestone> reviewed = knowledge.reviewed(known);
        Facts facts = knowledge.facts(date, known, planned, reviewed);
        DayGate day = new DayGate(gate, facts, new Companions(this).besides(date, known, planned));
        TestSafety tests = TestSafety.of(day, activities);
        List<Milestone> milestones = reviewed.stream().map(tests::checked).toList();
        return new Standing(this, date, day, milestones, new Judged(day), planned);
    }

    /** What is known of the course on a day, and what of it counts. */
    Knowledge knowledge() {
        return knowledge;
    }

    /** What the protocol says of such a hold, in the order written. */
    Stream<HoldRule> holdRules(Hold hold) {
        return resolved.protocol().rules().holds().stream().filter(rule -> rule.isAbout(hold));
    }

    /** The phase signed last on or before {@code date}; the first phase before any signature. */
    public Phase phaseOn(LocalDate date) {
        Protocol protocol = resolved.protocol();
        Phase phase = protocol.firstPhase();
        for (SignedPhase signed : history.signed()) {
            if (!signed.from().isAfter(date)) {
                phase = protocol.phase(signed.phase());
            }
        }
        return phase;
    }

    /** The days on which a verdict may change, if all goes to plan: those of the rules, and those expected of the phases. */
    public SortedSet<CourseDay> daysOfChange() {
        return new Timeline(this).daysOfChange();
    }

    /** The dates on which anything changes by time alone: rules beginning, changing, ending, duties and holds. */
    public SortedSet<LocalDate> timeline() {
        return new Timeline(this).dates();
    }

    /** An exercise by its id; empty for what is none, or is not known any more. */
    public Optional<Activity.Exercise> findExercise(String id) {
        return exercises().filter(exercise -> exercise.id().equals(id)).findFirst();
    }

    /** Its exercises, in the library's order. */
    public Stream<Activity.Exercise> exercises() {
        return activities.stream().filter(Activity.Exercise.class::isInstance).map(Activity.Exercise.class::cast);
    }

    /** The exercise of this id; refused where the bundle has none. */
    public Activity.Exercise exercise(String id) {
        return findExercise(id)
                .orElseThrow(() -> new IllegalArgumentException(
                        "exercise: found '" + id + "', allowed: an exercise of the course's library"));
    }

    /** A role of an exercise as it is written; refused where the bundle has none. */
    public Role role(RoleKey key) {
        return exercise(key.activity()).roles().stream()
                .filter(role -> role.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "role: found '" + key + "', allowed: a role of the course's library"));
    }

    /** The exercises of one ladder in the bundle, from easiest to hardest. */
    public List<Activity.Exercise> ladder(String id) {
        return activities.stream()
                .filter(a -> a instanceof Activity.Exercise exercise
                        && exercise.ladder().equals(id))
                .map(Activity.Exercise.class::cast)
                .sorted(Comparator.comparing(Activity.Exercise::rung))
                .toList();
    }

    /**
     * Whether the protocol speaks of an activity: it names it, covers its ladder, or it is a test of the operated joints.
     * What it is silent on is judged like everything else and not laid out for the day.
     */
    public boolean speaksOf(Activity activity) {
        boolean named =
                activity.roles().stream().anyMatch(role -> resolved.openings().containsKey(role.key()));
        boolean covered = activity instanceof Activity.Exercise exercise
                && resolved.protocol().scope().ladders().contains(exercise.ladder());
        boolean tests = activity instanceof Activity.Test
                && activity.roles().stream()
                        .flatMap(role -> role.demands().stream())
                        .anyMatch(demand ->
                                demand instanceof Demand.Movement movement && movement.concerns(resolved.region()));
        return named || covered || tests;
    }

    public List<Activity> activities() {
        return activities;
    }

    public List<Measure> measures() {
        return measures;
    }
}
