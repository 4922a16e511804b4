package waypost.core.prescription;

import java.util.Optional;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;

/**
 * The next load up and down: 0.5 kg below 5 kg, 1 kg below 20 kg, then 2.5 kg; one band; five points of the maximum. From 20 kg on a step stays near the published 2 to 10 % (ACSM position stand 2009, from memory); below it
 * the smallest plate decides (common practice, no source).
 */
public final class LoadStep {

    private LoadStep() {}

    /**
     * With what somebody begins: the lightest band, at most two kilograms, at most a fifth of the maximum (common practice,
     * no source).
     */
    static Load first(Load usual) {
        double most = switch (usual.unit()) {
            case BAND_STEP -> 1;
            case KILOGRAMS -> 2;
            case PERCENT_OF_MAXIMUM -> 20;
        };
        return new Load(Math.min(usual.amount(), most), usual.unit());
    }

    public static Optional<Load> up(Load load) {
        return within(load.amount() + size(load.amount(), load.unit()), load.unit());
    }

    /** Empty where there is nothing lighter to hold. */
    public static Optional<Load> down(Load load) {
        double lower = load.amount() - size(Math.nextDown(load.amount()), load.unit());
        return lower <= 0 ? Optional.empty() : within(lower, load.unit());
    }

    private static Optional<Load> within(double amount, LoadUnit unit) {
        try {
            return Optional.of(new Load(amount, unit));
        } catch (IllegalArgumentException beyond) {
            return Optional.empty();
        }
    }

    private static double size(double amount, LoadUnit unit) {
        return switch (unit) {
            case BAND_STEP -> 1;
            case PERCENT_OF_MAXIMUM -> 5;
            case KILOGRAMS -> amount < 5 ? 0.5 : amount < 20 ? 1 : 2.5;
        };
    }
}
