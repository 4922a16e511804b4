package waypost.core.resolved;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.criterion.Criterion;
import waypost.core.limit.Provenance;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Phase;
import waypost.core.time.CourseDay;
import waypost.core.time.Window;

/**
 * What an opening asks for in this course.
 *
 * @param opening as written; empty when only an order opens the role
 * @param needed everything that may apply; all of it is needed
 * @param unsaid who leaves it uncovered: the protocol, or a part of it
 * @param ordered windows in which an order opens it whatever is needed
 */
public record OpeningInForce(
        Optional<Opening> opening, List<Needed> needed, List<Unsaid> unsaid, List<Window> ordered) {

    /**
     * It is not covered, or not under every answer that is still possible.
     *
     * @param face title and version of the protocol or of its part
     * @param unanswered the open questions that decide; empty when no answer would
     */
    public record Unsaid(String face, List<String> unanswered) {
        public Unsaid {
            unanswered = List.copyOf(unanswered);
        }
    }

    /**
     * One case, in days.
     *
     * @param from empty while its clock has not started
     * @param until from this day on it is no longer covered
     * @param regardless from this day on its criteria are no longer needed
     */
    public record Needed(
            Optional<CourseDay> from,
            Optional<CourseDay> until,
            Opening.Case written,
            Optional<Phase> phase,
            List<Criterion> criteria,
            Optional<CourseDay> regardless,
            Provenance rule) {
        public Needed {
            criteria = List.copyOf(criteria);
        }

        private CourseDay writtenFrom(LocalDate dayZero) {
            CourseDay day = from.orElseThrow();
            return phase.map(wanted -> wanted.expected().from(dayZero))
                    .filter(day::isBefore)
                    .orElse(day);
        }

        Stream<CourseDay> changes() {
            return Stream.of(from, until, regardless).flatMap(Optional::stream);
        }
    }

    public OpeningInForce {
        needed = List.copyOf(needed);
        unsaid = List.copyOf(unsaid);
        ordered = List.copyOf(ordered);
    }

    /** Nothing is written; orders may still open it. */
    static OpeningInForce unwritten() {
        return new OpeningInForce(Optional.empty(), List.of(), List.of(), List.of());
    }

    /**
     * The day from which this is written to be open: the last of its cases' days, or of their phases' expected days where
     * those are later. Empty when it is not covered, or a clock has not started. Limits and milestones may keep it closed.
     */
    public Optional<CourseDay> writtenFrom(LocalDate dayZero) {
        if (!isCovered() || needed.stream().anyMatch(one -> one.from().isEmpty())) {
            return Optional.empty();
        }
        return needed.stream().map(one -> one.writtenFrom(dayZero)).max(CourseDay::compareTo);
    }

    /** Whether the protocol says under every possible answer when this opens. */
    public boolean isCovered() {
        return !needed.isEmpty() && unsaid.isEmpty();
    }

    /** Whether an order opens it on {@code day}. */
    public boolean isOrderedOn(CourseDay day) {
        return ordered.stream().anyMatch(window -> window.contains(day));
    }

    OpeningInForce orderedFor(Window window) {
        return new OpeningInForce(
                opening,
                needed,
                unsaid,
                Stream.concat(ordered.stream(), Stream.of(window)).toList());
    }

    /** The days on which time may open or close it. */
    public Stream<CourseDay> changes() {
        return Stream.concat(
                needed.stream().flatMap(Needed::changes), ordered.stream().flatMap(Window::ends));
    }

    /** Ids of the criteria that any of its cases needs. */
    public Stream<String> criteria() {
        return needed.stream().flatMap(one -> one.criteria().stream()).map(Criterion::id);
    }
}
