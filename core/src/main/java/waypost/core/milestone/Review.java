package waypost.core.milestone;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.criterion.Criterion;
import waypost.core.criterion.Criterion.Measured;
import waypost.core.log.Attestation;
import waypost.core.log.Evidence;
import waypost.core.log.Session;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Symmetry;
import waypost.core.measure.Unit;

/**
 * Reviews criteria against evidence. Only strict readings count; the latest decides, so what is lost again is not met,
 * unless the criterion is latched.
 *
 * <p>The operated side's reading must not be older than the criterion or its measure allows. For a symmetry the other
 * side's must be as fresh; for a deficit in range the other side's may be older, since a healthy range hardly changes.
 */
public final class Review implements Criterion.Visitor<Milestone> {

    private final Evidence evidence;
    private final Yardstick yardstick;
    private final LocalDate known;

    private Review(Evidence evidence, Yardstick yardstick, LocalDate known) {
        this.evidence = evidence;
        this.yardstick = yardstick;
        this.known = known;
    }

    /**
     * The state of every criterion.
     *
     * @param known the date up to which evidence counts and to which its age is counted
     */
    public static List<Milestone> of(
            List<Criterion> criteria, Evidence evidence, Yardstick yardstick, LocalDate known) {
        Review review = new Review(evidence.upTo(known), yardstick, known);
        return criteria.stream().map(review::reviewed).toList();
    }

    private Milestone reviewed(Criterion criterion) {
        Milestone now = criterion.accept(this);
        return criterion.head().latched() && !now.isMet() && wasMetOnce(criterion) ? now.latched() : now;
    }

    /** Looks back over the days on which anything came to be known of it. */
    private boolean wasMetOnce(Criterion criterion) {
        Set<String> measures = criterion.measures().map(Measure::id).collect(Collectors.toSet());
        return Stream.of(
                        evidence.readings().all().stream()
                                .filter(reading -> measures.contains(reading.measure()))
                                .map(Reading::date),
                        evidence.attestations().stream().map(Attestation::on),
                        evidence.sessions().stream().map(Session::on))
                .flatMap(Function.identity())
                .distinct()
                .sorted(Comparator.reverseOrder())
                .map(date -> new Review(evidence.upTo(date), yardstick, date))
                .anyMatch(then -> criterion.accept(then).isMet());
    }

    @Override
    public Milestone reach(Criterion.Reach criterion) {
        return compared(criterion, Reading::amount, found -> criterion.measure().gain(criterion.bound(), found))
                .towards(criterion.bound());
    }

    @Override
    public Milestone noFurther(Criterion.NoFurther criterion) {
        return compared(
                criterion, Reading::amount, found -> -criterion.measure().gain(criterion.bound(), found));
    }

    @Override
    public Milestone deficit(Criterion.Deficit criterion) {
        Optional<Yardstick.Comparison> other = switch (criterion.against()) {
            case OTHER_SIDE -> yardstick.of(criterion.measure(), criterion.mode(), evidence.readings(), known);
            case BEFORE_SURGERY -> yardstick.beforeSurgery(criterion.measure(), criterion.mode());
        };
        if (other.isEmpty()) {
            return Milestone.without(criterion);
        }
        Milestone compared = compared(
                criterion,
                mine -> Amount.of(
                        criterion.measure().gain(mine.amount(), other.get().amount()),
                        criterion.measure().unit()),
                lacking -> criterion.most().minus(lacking).value());
        return with(compared, other.get()).towards(goal(criterion, other.get()));
    }

    @Override
    public Milestone symmetry(Criterion.SymmetryAtLeast criterion) {
        Optional<Reading> mine = mine(criterion);
        Optional<Yardstick.Comparison> other =
                yardstick.of(criterion.measure(), criterion.mode(), evidence.readings(), known);
        if (mine.isEmpty() || other.isEmpty()) {
            return Milestone.without(criterion);
        }
        double percent = Symmetry.between(
                        mine.get().amount(),
                        other.get().amount(),
                        criterion.measure().better())
                .percent();
        boolean otherStale = other.get().basis() == Yardstick.Basis.OTHER_SIDE
                && other.get()
                        .reading()
                        .map(reading -> isStale(reading, criterion))
                        .orElse(false);
        boolean stale = isStale(mine.get(), criterion) || otherStale;
        return with(percentage(criterion, percent, stale, percent >= criterion.percent(), mine.get()), other.get())
                .towards(goal(criterion, other.get()));
    }

    /** The other side less what may be missing. */
    private static Amount goal(Criterion.Deficit criterion, Yardstick.Comparison other) {
        double most = criterion.most().value();
        boolean higher = criterion.measure().better() == Measure.Better.HIGHER;
        return Amount.of(
                other.amount().value() + (higher ? -most : most),
                criterion.measure().unit());
    }

    /** The share of the other side that is asked for; of a time, the other side's divided by it. */
    private static Amount goal(Criterion.SymmetryAtLeast criterion, Yardstick.Comparison other) {
        double share = criterion.percent() / 100;
        boolean higher = criterion.measure().better() == Measure.Better.HIGHER;
        return Amount.of(
                other.amount().value() * (higher ? share : 1 / share),
                criterion.measure().unit());
    }

    private static Milestone with(Milestone milestone, Yardstick.Comparison other) {
        List<Reading> both = Stream.concat(milestone.evidence().stream(), other.reading().stream())
                .toList();
        return Milestone.of(milestone.criterion(), milestone.state(), both, milestone.found())
                .fellShort(milestone.fellShort())
                .comparedWith(other.basis());
    }

    @Override
    public Milestone ratio(Criterion.RatioBetween criterion) {
        Optional<Reading> mine = mine(criterion);
        Optional<Reading> divisor = mine.flatMap(reading ->
                evidence.readings().latestAlike(reading, criterion.divisor().id(), yardstick.operated()));
        if (mine.isEmpty() || divisor.isEmpty()) {
            return Milestone.without(criterion);
        }
        double percent = mine.get().amount().percentOf(divisor.get().amount());
        boolean stale = isStale(mine.get(), criterion) || isStale(divisor.get(), criterion);
        boolean met = criterion.least() <= percent && percent <= criterion.most();
        return percentage(criterion, percent, stale, met, mine.get());
    }

    private static Milestone percentage(
            Criterion criterion, double percent, boolean stale, boolean met, Reading reading) {
        MilestoneState state = stale ? MilestoneState.OUT_OF_DATE : met ? MilestoneState.MET : MilestoneState.NOT_MET;
        return Milestone.of(criterion, state, List.of(reading), Optional.of(Amount.of(percent, Unit.PERCENT)))
                .fellShort(!met);
    }

    @Override
    public Milestone observed(Criterion.Observed criterion) {
        Amount seen = Amount.of(1, Unit.SEEN);
        return compared(criterion, Reading::amount, found -> found.minus(seen).value());
    }

    @Override
    public Milestone attested(Criterion.Attested criterion) {
        Optional<LocalDate> last = evidence.attestations().stream()
                .filter(a -> a.criterion().equals(criterion.id()))
                .map(Attestation::on)
                .max(Comparator.naturalOrder());
        if (last.isEmpty()) {
            return Milestone.without(criterion);
        }
        boolean lapsed = criterion.head().validDays().isPresent()
                && ChronoUnit.DAYS.between(last.get(), known)
                        > criterion.head().validDays().getAsInt();
        MilestoneState state = lapsed ? MilestoneState.OUT_OF_DATE : MilestoneState.MET;
        return Milestone.of(criterion, state, List.of(), Optional.empty());
    }

    @Override
    public Milestone tolerated(Criterion.Tolerated criterion) {
        List<Session> done = evidence.sessions().stream()
                .filter(s -> s.activities().stream().anyMatch(criterion.activities()::contains))
                .toList();
        int inARow = 0;
        for (Session session : done) {
            inARow = session.flared() ? 0 : inARow + 1;
        }
        MilestoneState state = done.isEmpty()
                ? MilestoneState.MISSING
                : inARow >= criterion.sessions() ? MilestoneState.MET : MilestoneState.NOT_MET;
        return Milestone.of(criterion, state, List.of(), Optional.of(Amount.of(inARow, Unit.COUNT)));
    }

    @Override
    public Milestone several(Criterion.Several criterion) {
        List<Milestone> parts = criterion.parts().stream().map(this::reviewed).toList();
        Stream<MilestoneState> states = parts.stream().map(Milestone::state);
        Optional<MilestoneState> state = criterion.wanted() == Criterion.Several.Wanted.ANY
                ? states.min(Comparator.naturalOrder())
                : states.max(Comparator.naturalOrder());
        return Milestone.several(criterion, state.orElse(MilestoneState.MISSING), parts);
    }

    /**
     * Compares the latest reading with what is wanted.
     *
     * @param seen the number that a reading stands for
     * @param margin by how much that number is met, in the measure's unit; negative when it is not
     */
    private Milestone compared(Measured criterion, Function<Reading, Amount> seen, Function<Amount, Double> margin) {
        List<Reading> mine =
                evidence.readings().strict(criterion.measure().id(), yardstick.operated(), criterion.mode());
        if (mine.isEmpty()) {
            return Milestone.without(criterion);
        }
        Reading latest = mine.get(mine.size() - 1);
        Amount found = seen.apply(latest);
        double by = margin.apply(found);
        MilestoneState state;
        if (isStale(latest, criterion)) {
            state = MilestoneState.OUT_OF_DATE;
        } else if (by < 0) {
            state = MilestoneState.NOT_MET;
        } else if (by < criterion.measure().errorOf(latest)
                && !metOnAnotherDay(criterion, mine, reading -> margin.apply(seen.apply(reading)) >= 0)) {
            state = MilestoneState.PENDING;
        } else {
            state = MilestoneState.MET;
        }
        return Milestone.of(criterion, state, List.of(latest), Optional.of(found))
                .fellShort(by < 0);
    }

    /** Whether the strict reading of the measuring day before, still fresh, met it as well. */
    private boolean metOnAnotherDay(Measured criterion, List<Reading> mine, Function<Reading, Boolean> meets) {
        LocalDate last = mine.get(mine.size() - 1).date();
        return mine.stream()
                .filter(reading -> reading.date().isBefore(last))
                .reduce((earlier, later) -> later)
                .map(before -> !isStale(before, criterion) && meets.apply(before))
                .orElse(false);
    }

    private Optional<Reading> mine(Measured criterion) {
        return evidence.readings().latestStrict(criterion.measure().id(), yardstick.operated(), criterion.mode());
    }

    private boolean isStale(Reading reading, Measured criterion) {
        return ChronoUnit.DAYS.between(reading.date(), known) > criterion.validDays();
    }
}
