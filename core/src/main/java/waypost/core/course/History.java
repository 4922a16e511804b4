package waypost.core.course;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.body.Side;
import waypost.core.log.Event;
import waypost.core.log.Evidence;
import waypost.core.log.Hold;
import waypost.core.measure.Derived;
import waypost.core.measure.Measure;
import waypost.core.measure.Readings;

/**
 * What has happened so far.
 *
 * @param otherSideHealthy false when the other side has a course of its own and is no yardstick
 * @param events what happened to the limb since
 * @param ended the first day on which the course no longer runs; empty while it does
 * @param revisionOf the id of the course that this one revises, if any
 */
public record History(
        Side side,
        boolean otherSideHealthy,
        Evidence evidence,
        List<SignedPhase> signed,
        List<Hold> holds,
        List<Event> events,
        Optional<LocalDate> ended,
        Optional<String> revisionOf) {

    public History {
        signed = signed.stream().sorted(Comparator.comparing(SignedPhase::from)).toList();
        holds = List.copyOf(holds);
        events = List.copyOf(events);
    }

    /** A first course on this side, the other side healthy. */
    public static History of(Side side, Evidence evidence, List<SignedPhase> signed, List<Hold> holds) {
        return new History(side, true, evidence, signed, holds, List.of(), Optional.empty(), Optional.empty());
    }

    public Readings readings() {
        return evidence.readings();
    }

    /** The same with what follows from its readings, such as a lag from passive and active. */
    History withDerived(List<Measure> measures) {
        Readings derived = new Derived(measures).in(readings());
        return derived == readings() ? this : with(new Evidence(derived, evidence.attestations(), evidence.sessions()));
    }

    /** The same with other evidence. */
    public History with(Evidence other) {
        return new History(side, otherSideHealthy, other, signed, holds, events, ended, revisionOf);
    }

    /** The same with these events as well. */
    public History with(List<Event> more) {
        return new History(
                side,
                otherSideHealthy,
                evidence,
                signed,
                holds,
                Stream.concat(events.stream(), more.stream()).toList(),
                ended,
                revisionOf);
    }

    /** The same with the other side no longer healthy. */
    public History withoutHealthyOtherSide() {
        return new History(side, false, evidence, signed, holds, events, ended, revisionOf);
    }
}
