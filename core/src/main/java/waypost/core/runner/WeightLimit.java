package waypost.core.runner;

import java.util.Comparator;
import java.util.Optional;
import java.util.function.Predicate;
import waypost.core.body.Limb;
import waypost.core.course.Precaution;
import waypost.core.course.Standing;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Support;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.LimbQuantity;

/**
 * What the strictest limits of a day leave the operated leg.
 *
 * @param most beside the other leg and an aid; all of the body where nothing limits it
 * @param by the precaution that says it; empty where none does
 * @param alone when nothing else stands
 */
public record WeightLimit(BodyShare most, Optional<Precaution<?>> by, BodyShare alone) {

    private static final BodyShare ALL = BodyShare.ofPercent(100);

    public static WeightLimit of(Standing standing) {
        Optional<Precaution<?>> beside = strictest(standing, support -> support != Support.ONE);
        BodyShare most = beside.flatMap(WeightLimit::share).orElse(ALL);
        BodyShare alone =
                strictest(standing, support -> true).flatMap(WeightLimit::share).orElse(ALL);
        return new WeightLimit(most, beside, alone);
    }

    /** The strictest of what holds for every support, or for one that is asked for. */
    private static Optional<Precaution<?>> strictest(Standing standing, Predicate<Support> asked) {
        return standing.precautions().stream()
                .filter(each ->
                        share(each).filter(share -> share.compareTo(ALL) < 0).isPresent()
                                && support(each).map(asked::test).orElse(true))
                .min(Comparator.comparing(each -> share(each).orElseThrow()));
    }

    private static Optional<Support> support(Precaution<?> precaution) {
        return precaution.limit().limit() instanceof AmountLimit<?> limit
                        && limit.quantity() instanceof LimbQuantity.Share share
                ? share.support()
                : Optional.empty();
    }

    private static Optional<BodyShare> share(Precaution<?> precaution) {
        if (precaution.limit().limit() instanceof AmountLimit<?> limit
                && limit.quantity() instanceof LimbQuantity.Share share
                && share.limb() == Limb.LEG) {
            Allowed<?> allowed = precaution.step().value();
            return allowed.isFree()
                    ? Optional.empty()
                    : Optional.of(allowed.most().map(BodyShare.class::cast).orElse(BodyShare.ofPercent(0)));
        }
        return Optional.empty();
    }
}
