package waypost.core.runner;

import java.util.Comparator;
import java.util.Optional;
import waypost.core.body.Limb;
import waypost.core.course.Precaution;
import waypost.core.course.Standing;
import waypost.core.demand.BodyShare;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.LimbQuantity;

/**
 * What the strictest limit of a day leaves the operated leg.
 *
 * @param most all of the body where nothing limits it
 * @param by the precaution that says it; empty where none does
 */
public record WeightLimit(BodyShare most, Optional<Precaution<?>> by) {

    private static final int FULL = 100;

    public static WeightLimit of(Standing standing) {
        Optional<Precaution<?>> strictest = standing.precautions().stream()
                .filter(each -> share(each).isPresent())
                .min(Comparator.comparing(each -> share(each).orElseThrow()));
        BodyShare most = strictest.flatMap(WeightLimit::share).orElse(BodyShare.ofPercent(FULL));
        return most.percent() >= FULL
                ? new WeightLimit(BodyShare.ofPercent(FULL), Optional.empty())
                : new WeightLimit(most, strictest);
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
