package waypost.core.log;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import waypost.core.measure.Readings;

/** Everything that criteria are reviewed against; sessions oldest first. */
public record Evidence(Readings readings, List<Attestation> attestations, List<Session> sessions) {

    public static final Evidence NONE = new Evidence(Readings.NONE, List.of(), List.of());

    public Evidence {
        attestations = List.copyOf(attestations);
        sessions = sessions.stream().sorted(Comparator.comparing(Session::on)).toList();
    }

    public static Evidence of(Readings readings) {
        return new Evidence(readings, List.of(), List.of());
    }

    /** What was known on or before {@code date}. */
    public Evidence upTo(LocalDate date) {
        return new Evidence(
                readings.upTo(date),
                attestations.stream().filter(a -> !a.on().isAfter(date)).toList(),
                sessions.stream().filter(s -> !s.on().isAfter(date)).toList());
    }
}
