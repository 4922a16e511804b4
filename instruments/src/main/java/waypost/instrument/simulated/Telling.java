package waypost.instrument.simulated;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import waypost.instrument.line.Quantity;
import waypost.instrument.line.Sample;

/** What an instrument tells, tick by tick; equal seeds tell the same. Not for several threads. */
final class Telling {

    /** Ticks of a second. */
    static final int TICKS = 10;

    private static final int SILENT_TICKS = 3 * TICKS;
    private static final double SILENCE_CHANCE = 1.0 / (60 * TICKS);
    private static final double NONSENSE_CHANCE = 1.0 / (10 * TICKS);
    private static final List<String> NONSENSE =
            List.of("", "\u0007?", "waypost-1 1 2 angle NaN deg 00000000", "ERR 7");

    private final Kind kind;
    private final boolean faulty;
    private final RandomGenerator random;
    private long number;
    private long tick;
    private long silentUntil;

    /** @param faulty whether it falls silent and sends nonsense now and then */
    Telling(Kind kind, long seed, boolean faulty) {
        this.kind = kind;
        this.faulty = faulty;
        this.random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    }

    /** The lines of the next tick. */
    List<String> next(long millis) {
        double seconds = (double) tick++ / TICKS;
        List<String> lines = new ArrayList<>();
        for (Quantity quantity : kind.quantities()) {
            double value = kind.told(quantity, seconds, random);
            lines.add(new Sample(++number, millis, quantity, value).line());
        }
        return faulty ? withFaults(lines) : lines;
    }

    private List<String> withFaults(List<String> lines) {
        if (random.nextDouble() < SILENCE_CHANCE) {
            silentUntil = tick + SILENT_TICKS;
        }
        if (tick < silentUntil) {
            return List.of();
        }
        return random.nextDouble() < NONSENSE_CHANCE ? List.of(NONSENSE.get(random.nextInt(NONSENSE.size()))) : lines;
    }
}
