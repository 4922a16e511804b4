package waypost.core.log;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import waypost.core.body.Side;
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

    /**
     * What counts toward a milestone, a duty, a clearance or an off switch: of the operated side, only what came to be
     * known on or after {@code start}. The other side's readings stay, as a yardstick.
     */
    public Evidence countingFrom(LocalDate start, Side operated) {
        return new Evidence(
                readings.from(start, operated),
                attestations.stream().filter(a -> !a.on().isBefore(start)).toList(),
                sessions.stream().filter(s -> !s.on().isBefore(start)).toList());
    }

    /** What was known on or before {@code date}. */
    public Evidence upTo(LocalDate date) {
        return new Evidence(
                readings.upTo(date),
                attestations.stream().filter(a -> !a.on().isAfter(date)).toList(),
                sessions.stream().filter(s -> !s.on().isAfter(date)).toList());
    }
}
