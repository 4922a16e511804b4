package waypost.core.battery;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import waypost.core.criterion.Criterion;

/**
 * The tests of return of an operation, in the order in which they are done: what rests first, what tires last.
 *
 * @param warmUp what comes before the first of them
 * @param cleared the id of the protocol's milestone by which the surgeon clears the return
 * @param early what a return before its time risks; empty where nothing is known
 */
public record Battery(
        String id, String title, String warmUp, List<Station> stations, String cleared, Optional<EarlyReturn> early) {

    public Battery {
        stations = List.copyOf(stations);
        Set<String> ids = new HashSet<>();
        for (Station station : stations) {
            if (!ids.add(station.id())) {
                throw new IllegalArgumentException(
                        "battery " + id + ": found the station '" + station.id() + "' twice, allowed: once");
            }
        }
        if (stations.isEmpty()) {
            throw new IllegalArgumentException("battery " + id + ": found no station, allowed: at least one");
        }
    }

    /** Whether one of the stations asks the same of the same measure. */
    boolean asks(Criterion criterion) {
        return stations.stream().map(Station::wants).anyMatch(wants -> saysTheSame(wants, criterion));
    }

    private static boolean saysTheSame(Criterion.Measured wants, Criterion other) {
        return other instanceof Criterion.Measured measured
                && measured.getClass().equals(wants.getClass())
                && measured.measure().equals(wants.measure())
                && measured.mode() == wants.mode();
    }
}
