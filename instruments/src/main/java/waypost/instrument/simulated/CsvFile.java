package waypost.instrument.simulated;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Collectors;

/** One minute of an instrument as a file: a header, then a row for each tick; equal seeds give equal files. */
record CsvFile(Kind kind, long seed) {

    private static final int SECONDS = 60;

    List<String> lines() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        List<String> lines = new ArrayList<>();
        lines.add(InstrumentCommand.columns(kind.quantities()));
        for (int tick = 0; tick < SECONDS * Telling.TICKS; tick++) {
            double seconds = (double) tick / Telling.TICKS;
            lines.add(tick * 1000 / Telling.TICKS + ","
                    + kind.quantities().stream()
                            .map(quantity -> String.format(Locale.ROOT, "%.2f", kind.told(quantity, seconds, random)))
                            .collect(Collectors.joining(",")));
        }
        return lines;
    }
}
