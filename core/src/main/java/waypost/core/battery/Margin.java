package waypost.core.battery;

import java.util.Optional;
import waypost.core.criterion.Criterion;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.milestone.Milestone;

/**
 * By how much something was reached or missed, and how finely that can be told; both in the unit of what was found.
 *
 * @param by negative when it was missed
 * @param error a difference smaller than this is none
 */
public record Margin(double by, double error) {

    /** Empty where nothing was found to compare. */
    static Optional<Margin> of(Milestone milestone) {
        return milestone
                .found()
                .filter(found -> !milestone.evidence().isEmpty())
                .flatMap(found -> milestone.criterion().accept(new Of(milestone, found)));
    }

    boolean isReached() {
        return by >= 0;
    }

    boolean isWithinError() {
        return Math.abs(by) < error;
    }

    /** A share carries the share of the reading that it was worked out from: its error grows and shrinks with both. */
    private record Of(Milestone milestone, Amount found) implements Criterion.Visitor<Optional<Margin>> {

        private Reading mine() {
            return milestone.evidence().get(0);
        }

        private Optional<Margin> inUnits(Measure measure, double by) {
            return Optional.of(new Margin(by, measure.errorOf(mine())));
        }

        private Optional<Margin> inPercent(Measure measure, double by) {
            double value = Math.abs(mine().amount().value());
            double error = value == 0 ? 0 : measure.errorOf(mine()) / value * found.value();
            return Optional.of(new Margin(by, error));
        }

        @Override
        public Optional<Margin> reach(Criterion.Reach criterion) {
            return inUnits(criterion.measure(), criterion.measure().gain(criterion.bound(), found));
        }

        @Override
        public Optional<Margin> noFurther(Criterion.NoFurther criterion) {
            return inUnits(criterion.measure(), -criterion.measure().gain(criterion.bound(), found));
        }

        @Override
        public Optional<Margin> deficit(Criterion.Deficit criterion) {
            return inUnits(criterion.measure(), criterion.most().minus(found).value());
        }

        @Override
        public Optional<Margin> symmetry(Criterion.SymmetryAtLeast criterion) {
            return inPercent(criterion.measure(), found.value() - criterion.percent());
        }

        @Override
        public Optional<Margin> ratio(Criterion.RatioBetween criterion) {
            return inPercent(
                    criterion.measure(), Math.min(found.value() - criterion.least(), criterion.most() - found.value()));
        }

        @Override
        public Optional<Margin> observed(Criterion.Observed criterion) {
            return Optional.of(new Margin(found.value() >= 1 ? 0 : -1, 0));
        }

        @Override
        public Optional<Margin> attested(Criterion.Attested criterion) {
            return Optional.empty();
        }

        @Override
        public Optional<Margin> tolerated(Criterion.Tolerated criterion) {
            return Optional.empty();
        }

        @Override
        public Optional<Margin> several(Criterion.Several criterion) {
            return Optional.empty();
        }
    }
}
