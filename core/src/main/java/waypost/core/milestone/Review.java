package waypost.core.milestone;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import waypost.core.body.Side;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.measure.Symmetry;
import waypost.core.measure.Unit;
import waypost.core.protocol.Criterion;

/**
 * Reviews criteria against readings. Only strict readings count; the latest decides, so what is lost again is not met.
 *
 * <p>The operated side's reading must not be older than its measure allows. For a symmetry the other side's must be as
 * fresh; for a deficit in range the other side's may be older, since a healthy range hardly changes.
 */
public final class Review implements Criterion.Visitor<Milestone> {

    private final Readings readings;
    private final Side operated;
    private final LocalDate known;

    private Review(Readings readings, Side operated, LocalDate known) {
        this.readings = readings;
        this.operated = operated;
        this.known = known;
    }

    /**
     * The state of every criterion.
     *
     * @param known the date up to which readings count and to which their age is counted
     */
    public static List<Milestone> of(List<Criterion> criteria, Readings readings, Side operated, LocalDate known) {
        Review review = new Review(readings.upTo(known), operated, known);
        return criteria.stream().map(criterion -> criterion.accept(review)).toList();
    }

    @Override
    public Milestone reach(Criterion.Reach criterion) {
        return compared(criterion, criterion.bound(), Reading::amount, List.of());
    }

    @Override
    public Milestone deficit(Criterion.Deficit criterion) {
        Optional<Reading> other = other(criterion);
        if (other.isEmpty()) {
            return Milestone.without(criterion);
        }
        return compared(
                criterion, criterion.most(), mine -> lacking(criterion, mine, other.get()), List.of(other.get()));
    }

    @Override
    public Milestone symmetry(Criterion.SymmetryAtLeast criterion) {
        Optional<Reading> mine = mine(criterion);
        Optional<Reading> other = other(criterion);
        if (mine.isEmpty() || other.isEmpty()) {
            return Milestone.without(criterion);
        }
        double percent = Symmetry.between(
                        mine.get().amount(),
                        other.get().amount(),
                        criterion.measure().better())
                .percent();
        boolean stale = isStale(mine.get(), criterion.measure()) || isStale(other.get(), criterion.measure());
        MilestoneState state = stale
                ? MilestoneState.OUT_OF_DATE
                : percent >= criterion.percent() ? MilestoneState.MET : MilestoneState.NOT_MET;
        return new Milestone(
                criterion,
                state,
                List.of(mine.get(), other.get()),
                Optional.of(Amount.of(percent, Unit.PERCENT)),
                Optional.empty());
    }

    @Override
    public Milestone observed(Criterion.Observed criterion) {
        return compared(criterion, Amount.of(1, Unit.SEEN), Reading::amount, List.of());
    }

    /** Compares the latest reading, as {@code seen} sees it, with the bound. */
    private Milestone compared(
            Criterion criterion, Amount bound, Function<Reading, Amount> seen, List<Reading> besides) {
        List<Reading> mine = readings.strict(criterion.measure().id(), operated, criterion.mode());
        if (mine.isEmpty()) {
            return Milestone.without(criterion);
        }
        Reading latest = mine.get(mine.size() - 1);
        double margin = margin(criterion, bound, seen.apply(latest));
        MilestoneState state;
        if (isStale(latest, criterion.measure())) {
            state = MilestoneState.OUT_OF_DATE;
        } else if (margin < 0) {
            state = MilestoneState.NOT_MET;
        } else if (margin < criterion.measure().error() && !metOnAnotherDay(criterion, bound, seen, mine)) {
            state = MilestoneState.PENDING;
        } else {
            state = MilestoneState.MET;
        }
        List<Reading> evidence = new ArrayList<>(List.of(latest));
        evidence.addAll(besides);
        return new Milestone(criterion, state, evidence, Optional.of(seen.apply(latest)), Optional.empty());
    }

    /** Whether the strict reading of the measuring day before, still fresh, met the bound as well. */
    private boolean metOnAnotherDay(
            Criterion criterion, Amount bound, Function<Reading, Amount> seen, List<Reading> mine) {
        LocalDate last = mine.get(mine.size() - 1).date();
        List<Reading> earlier =
                mine.stream().filter(reading -> reading.date().isBefore(last)).toList();
        if (earlier.isEmpty()) {
            return false;
        }
        Reading before = earlier.get(earlier.size() - 1);
        return !isStale(before, criterion.measure()) && margin(criterion, bound, seen.apply(before)) >= 0;
    }

    /** By how much the bound is met, in the measure's unit; negative when it is not. A deficit is better when lower. */
    private static double margin(Criterion criterion, Amount bound, Amount found) {
        return criterion instanceof Criterion.Deficit
                ? bound.minus(found).value()
                : criterion.measure().gain(bound, found);
    }

    private static Amount lacking(Criterion criterion, Reading mine, Reading other) {
        return Amount.of(
                criterion.measure().gain(mine.amount(), other.amount()),
                criterion.measure().unit());
    }

    private Optional<Reading> mine(Criterion criterion) {
        return readings.latestStrict(criterion.measure().id(), operated, criterion.mode());
    }

    private Optional<Reading> other(Criterion criterion) {
        return readings.latestStrict(criterion.measure().id(), operated.other(), criterion.mode());
    }

    private boolean isStale(Reading reading, Measure measure) {
        return ChronoUnit.DAYS.between(reading.date(), known) > measure.validDays();
    }
}
