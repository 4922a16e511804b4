package waypost.core.course;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;
import waypost.core.body.Side;
import waypost.core.exercise.Activity;
import waypost.core.gate.Facts;
import waypost.core.gate.Gate;
import waypost.core.measure.Measure;
import waypost.core.measure.Readings;
import waypost.core.milestone.Milestone;
import waypost.core.milestone.Review;
import waypost.core.milestone.TestSafety;
import waypost.core.protocol.Criterion;
import waypost.core.protocol.Hold;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.resolved.Resolved;
import waypost.core.time.CourseDay;

/** A course of care: the rules in force for it, and what has been measured, signed and held. */
public final class Course {

    private final Resolved resolved;
    private final List<Activity> activities;
    private final Gate gate;
    private final History history;

    /** What has happened so far. */
    public record History(Side side, Readings readings, List<SignedPhase> signed, List<Hold> holds) {
        public History {
            signed = signed.stream()
                    .sorted(Comparator.comparing(SignedPhase::from))
                    .toList();
            holds = List.copyOf(holds);
        }
    }

    private Course(Resolved resolved, List<Activity> activities, Gate gate, History history) {
        this.resolved = resolved;
        this.activities = activities;
        this.gate = gate;
        this.history = history;
    }

    /** Compiles the rules of a course against its bundle's activities and measures. */
    public static Course of(Resolved resolved, List<Activity> activities, List<Measure> measures, History history) {
        return new Course(resolved, List.copyOf(activities), Gate.of(resolved, activities, measures), history);
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
        boolean planned = outlook == Outlook.TO_PLAN && date.isAfter(today);
        LocalDate known = date.isBefore(today) ? date : today;
        List<Criterion> criteria = resolved.protocol().criteria();
        List<Milestone> reviewed = Review.of(criteria, history.readings(), history.side(), known);
        Facts facts = facts(date, known, planned, reviewed);
        TestSafety tests = TestSafety.of(gate, facts, activities);
        List<Milestone> milestones = reviewed.stream().map(tests::checked).toList();
        return new Standing(this, date, facts, milestones, gate.judgeAll(facts), planned);
    }

    private Facts facts(LocalDate date, LocalDate known, boolean planned, List<Milestone> reviewed) {
        CourseDay day = CourseDay.between(resolved.dayZero(), date);
        Set<String> met = reviewed.stream()
                .filter(milestone -> planned || milestone.isMet())
                .map(milestone -> milestone.criterion().id())
                .collect(Collectors.toUnmodifiableSet());
        Phase signed = phaseOn(known);
        return new Facts(
                day,
                known,
                history.side(),
                planned ? expectedBy(day, signed) : signed,
                met,
                history.holds().stream().filter(hold -> hold.holdsOn(date)).toList(),
                history.readings().upTo(known),
                planned);
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

    private Phase expectedBy(CourseDay day, Phase signed) {
        Protocol protocol = resolved.protocol();
        Phase phase = signed;
        for (Phase later : protocol.phases()) {
            boolean expected = !day.isBefore(later.expected().from(resolved.dayZero()));
            if (expected && protocol.hasReached(later.id(), phase.id())) {
                phase = later;
            }
        }
        return phase;
    }

    /** The dates on which anything changes by time alone: rules beginning, changing, ending, and holds. */
    public SortedSet<LocalDate> timeline() {
        List<LocalDate> dates = new ArrayList<>();
        gate.changePoints().forEach(day -> dates.add(day.dateFrom(resolved.dayZero())));
        history.holds().forEach(hold -> {
            dates.add(hold.from());
            hold.ended().ifPresent(dates::add);
        });
        return new TreeSet<>(dates);
    }

    List<Activity> activities() {
        return activities;
    }
}
