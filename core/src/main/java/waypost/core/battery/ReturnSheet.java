package waypost.core.battery;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.course.NextPhase;
import waypost.core.course.Standing;
import waypost.core.milestone.Milestone;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.time.CourseDay;

/**
 * Where a return stands: time, tests and surgeon, each for itself. None makes up for another.
 *
 * @param results in the battery's order
 * @param besides what the protocol wants before its last phase and no station asks
 * @param clearance the surgeon's; empty where the protocol has none by that name
 * @param last the phase of return
 * @param earliest its first day by time alone
 */
public record ReturnSheet(
        Battery battery,
        Standing standing,
        List<Result> results,
        List<Milestone> besides,
        Optional<Milestone> clearance,
        Phase last,
        CourseDay earliest) {

    public ReturnSheet {
        results = List.copyOf(results);
        besides = List.copyOf(besides);
    }

    public static ReturnSheet of(Battery battery, Standing standing) {
        Protocol protocol = standing.course().resolved().protocol();
        List<Phase> phases = protocol.phases();
        Phase last = phases.get(phases.size() - 1);
        Optional<Milestone> clearance = standing.milestones().stream()
                .filter(milestone -> milestone.criterion().id().equals(battery.cleared()))
                .findFirst();
        List<Milestone> besides = leave(phases)
                .map(standing::milestone)
                .filter(milestone -> !milestone.criterion().id().equals(battery.cleared()))
                .flatMap(Milestone::single)
                .filter(milestone -> !battery.asks(milestone.criterion()))
                .distinct()
                .toList();
        return new ReturnSheet(
                battery,
                standing,
                battery.stations().stream()
                        .map(station -> Result.of(station, standing))
                        .toList(),
                besides,
                clearance,
                last,
                last.earliest().from(standing.course().resolved().dayZero()));
    }

    /** What leads out of the phase before the last. */
    private static Stream<String> leave(List<Phase> phases) {
        return phases.size() < 2 ? Stream.empty() : phases.get(phases.size() - 2).leave().stream();
    }

    /** Whether the day has come; for what is known to be risked earlier, that day too. */
    public boolean timeReached() {
        return !standing.day().isBefore(earliest) && !isEarly();
    }

    private boolean isEarly() {
        return battery.early()
                .map(early -> early.isEarly(standing.course().resolved().dayZero(), standing.date()))
                .orElse(false);
    }

    /** Whether every station is passed and what the protocol wants besides is met. */
    public boolean testsPassed() {
        return results.stream().allMatch(result -> result.mark() == Mark.PASS)
                && besides.stream().allMatch(Milestone::isMet);
    }

    /** Whether the surgeon has cleared it; never by the protocol's silence. */
    public boolean cleared() {
        return clearance.map(Milestone::isMet).orElse(false);
    }

    /** Whether nothing stands against it: all three, the phases before it signed, and no hold that stops all work. */
    public boolean nothingAgainst() {
        return timeReached()
                && testsPassed()
                && cleared()
                && standing.stops().isEmpty()
                && standing.next().map(NextPhase::phase).map(last::equals).orElse(true);
    }

    /** Stations of this mark. */
    public long count(Mark mark) {
        return results.stream().filter(result -> result.mark() == mark).count();
    }

    /** The station to go on with: the first that is open and not passed. */
    public Optional<Station> next() {
        return results.stream()
                .filter(result -> result.mark().wantsDoing() && result.closed().isEmpty())
                .map(Result::station)
                .findFirst();
    }
}
