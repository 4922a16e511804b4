package waypost.app.device;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import waypost.instrument.line.Quantity;
import waypost.instrument.line.Sample;

/** What was heard of one instrument, by the listener's own clock: the instrument's may be wrong. Safe for threads. */
final class Heard {

    /** Older than this, a value is not live. */
    static final long LIVE_NANOS = 2_000_000_000L;

    private record At(Sample sample, long nanos) {}

    private final Map<Quantity, At> latest = new EnumMap<>(Quantity.class);
    private boolean connected;
    private long refused;
    private long lastLine;

    synchronized void connected(boolean now) {
        connected = now;
    }

    /** A connection begins: its silence is counted from here. */
    synchronized void begins(long nanos) {
        lastLine = nanos;
    }

    /** Whether it is connected and no line at all has come for so long. */
    synchronized boolean isMuteFor(long span, long nanos) {
        return connected && nanos - lastLine > span;
    }

    /** Takes a line; what can't be understood is counted and told no further. */
    synchronized void line(String line, long nanos) {
        lastLine = nanos;
        try {
            Sample sample = Sample.parse(line);
            latest.put(sample.quantity(), new At(sample, nanos));
        } catch (IllegalArgumentException nonsense) {
            refused++;
        }
    }

    /** What it says at a moment: never a value older than two seconds. */
    synchronized LiveValue at(long nanos) {
        Map<String, Double> values = new HashMap<>();
        latest.forEach((quantity, at) -> {
            if (nanos - at.nanos() <= LIVE_NANOS) {
                values.put(quantity.word(), at.sample().value());
            }
        });
        if (!values.isEmpty()) {
            return new LiveValue(LiveValue.State.LIVE, values, refused);
        }
        return LiveValue.without(connected ? LiveValue.State.SILENT : LiveValue.State.LOST, refused);
    }
}
