package waypost.core.strength;

import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;

/**
 * How hard a band or a spring of a clinic pulls, as somebody measured it there: a force for each stretch, straight in
 * between. Beyond what was measured nothing is told.
 *
 * @param slackMetres its length before it pulls, 0.05 to 5
 * @param pulls by how much longer it is, in percent of that; at least one, more stretch never less force
 */
public record Calibration(double slackMetres, NavigableMap<Integer, Force> pulls) {

    private static final double SHORTEST = 0.05;
    private static final double LONGEST = 5;
    private static final double WHOLE = 100;

    public Calibration(double slackMetres, Map<Integer, Force> pulls) {
        this(slackMetres, new TreeMap<>(pulls));
    }

    public Calibration {
        pulls = new TreeMap<>(pulls);
        if (!(slackMetres >= SHORTEST && slackMetres <= LONGEST)) {
            throw new IllegalArgumentException(
                    "length: found " + slackMetres + " m, allowed: " + SHORTEST + " to " + LONGEST + " m");
        }
        if (pulls.isEmpty() || pulls.firstKey() <= 0) {
            throw new IllegalArgumentException(
                    "pulls: found " + pulls.keySet() + ", allowed: at least one stretch above 0 %");
        }
        double before = 0;
        for (Force force : pulls.values()) {
            if (force.newtons() < before) {
                throw new IllegalArgumentException("pulls: found " + force.newtons() + " N after " + before
                        + " N, allowed: no less force for more stretch");
            }
            before = force.newtons();
        }
    }

    @Override
    public NavigableMap<Integer, Force> pulls() {
        return new TreeMap<>(pulls);
    }

    /** How hard it pulls at a length; nothing while slack, empty beyond the most stretch that was measured. */
    public Optional<Force> at(double lengthMetres) {
        double stretch = (lengthMetres / slackMetres - 1) * WHOLE;
        if (stretch <= 0) {
            return Optional.of(new Force(0));
        }
        Map.Entry<Integer, Force> above = pulls.ceilingEntry((int) Math.ceil(stretch));
        if (above == null) {
            return Optional.empty();
        }
        Map.Entry<Integer, Force> below = pulls.lowerEntry(above.getKey());
        double from = below == null ? 0 : below.getKey();
        double least = below == null ? 0 : below.getValue().newtons();
        double share = (stretch - from) / (above.getKey() - from);
        return Optional.of(new Force(least + share * (above.getValue().newtons() - least)));
    }

    /** The longest that was measured. */
    public double longestMetres() {
        return slackMetres * (1 + pulls.lastKey() / WHOLE);
    }
}
