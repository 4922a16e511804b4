package waypost.library.lint;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.time.Moment;

/** Phases that overlap, leave a gap or are expected before they may begin. */
record PhaseChecks(Protocol protocol, Places places) {

    private static final LocalDate ANY = LocalDate.of(2031, 2, 10);

    Stream<Finding> findings() {
        List<Phase> phases = protocol.phases();
        Stream<Finding> gap = phases.stream()
                .limit(1)
                .filter(first -> day(first.earliest()) > 0)
                .map(first -> finding(
                        first,
                        "the first phase begins on day " + day(first.earliest()) + ", so the days before have none",
                        "Let it begin on day 0"));
        Stream<Finding> early = phases.stream()
                .filter(phase -> day(phase.expected()) < day(phase.earliest()))
                .map(phase -> finding(
                        phase,
                        "expected on day " + day(phase.expected()) + ", before its earliest day "
                                + day(phase.earliest()),
                        "Expect it on its earliest day or later"));
        Stream<Finding> overlap = IntStream.range(1, phases.size())
                .filter(i ->
                        day(phases.get(i).earliest()) <= day(phases.get(i - 1).earliest()))
                .mapToObj(i -> finding(
                        phases.get(i),
                        "may begin on day " + day(phases.get(i).earliest()) + ", no later than "
                                + phases.get(i - 1).id() + " before it",
                        "Put the phases in order, each with a later earliest day"));
        return Stream.of(gap, early, overlap).flatMap(found -> found);
    }

    private Finding finding(Phase phase, String says, String mend) {
        return places.rule(Check.PHASE_ORDER, protocol.id(), phase.id(), says, mend);
    }

    private static int day(Moment moment) {
        return moment.from(ANY).number();
    }
}
