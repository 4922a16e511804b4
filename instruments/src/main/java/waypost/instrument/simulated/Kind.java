package waypost.instrument.simulated;

import java.util.List;
import java.util.random.RandomGenerator;
import waypost.instrument.line.Quantity;

/** A kind of instrument: what it tells, and how a made-up patient moves it. */
enum Kind {
    GONIOMETER(List.of(Quantity.ANGLE), 0.5) {
        /** Bends slowly, holds the end, straightens, rests. */
        @Override
        double steady(Quantity quantity, double seconds) {
            double phase = seconds % 16;
            double share = phase < 5 ? phase / 5 : phase < 9 ? 1 : phase < 14 ? (14 - phase) / 5 : 0;
            return 4 + 106 * share;
        }
    },
    DYNAMOMETER(List.of(Quantity.FORCE), 2) {
        /** Pushes for five seconds, rests for five. */
        @Override
        double steady(Quantity quantity, double seconds) {
            double phase = seconds % 10;
            double push = 180 + 20 * Math.sin(seconds / 10);
            return phase < 1 ? push * phase : phase < 5 ? push : phase < 6 ? push * (6 - phase) : 0;
        }
    },
    FORCE_PLATE(List.of(Quantity.LEFT, Quantity.RIGHT), 4) {
        /** Shifts the weight from one leg to the other and back. */
        @Override
        double steady(Quantity quantity, double seconds) {
            double left = 0.62 + 0.12 * Math.sin(seconds / 3);
            return 784 * (quantity == Quantity.LEFT ? left : 1 - left);
        }
    },
    SCALE(List.of(Quantity.MASS), 0.15) {
        /** Leans on the scale more and more, and comes back. */
        @Override
        double steady(Quantity quantity, double seconds) {
            return 30 + 14 * Math.sin(seconds / 4);
        }
    };

    private final List<Quantity> quantities;
    private final double noise;

    Kind(List<Quantity> quantities, double noise) {
        this.quantities = quantities;
        this.noise = noise;
    }

    List<Quantity> quantities() {
        return quantities;
    }

    /** The value without noise. */
    abstract double steady(Quantity quantity, double seconds);

    /** The value as it is told: with noise, and a drift that comes and goes over five minutes. */
    double told(Quantity quantity, double seconds, RandomGenerator random) {
        double drift = 2 * noise * Math.sin(seconds / 300 * 2 * Math.PI);
        double value = steady(quantity, seconds) + drift + noise * random.nextGaussian();
        return quantity == Quantity.ANGLE ? value : Math.max(0, value);
    }
}
