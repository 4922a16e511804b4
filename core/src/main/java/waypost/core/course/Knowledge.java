package waypost.core.course;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.criterion.Criterion;
import waypost.core.gate.Facts;
import waypost.core.log.Evidence;
import waypost.core.log.Hold;
import waypost.core.milestone.Milestone;
import waypost.core.milestone.Review;
import waypost.core.milestone.Yardstick;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.reason.Reason;
import waypost.core.resolved.Resolved;
import waypost.core.time.Clocks;
import waypost.core.time.CourseDay;

/** What is known of a course on a day, and what of it counts. */
final class Knowledge {

    private final Course course;
    /** What counts of the evidence, by the day from which it counts: worked out once for all days that are asked about. */
    private final Map<LocalDate, Evidence> counted = new ConcurrentHashMap<>();

    Knowledge(Course course) {
        this.course = course;
    }

    /** The criteria of the protocol as they stand with what is known on {@code known}. */
    List<Milestone> reviewed(LocalDate known) {
        return reviewed(course.resolved().protocol().criteria(), known);
    }

    /** Any criteria as they stand with what is known on {@code known}. */
    List<Milestone> reviewed(List<Criterion> criteria, LocalDate known) {
        return Review.of(criteria, counted(known), yardstick(), known);
    }

    /**
     * What counts of the evidence as things are known on {@code known}: from day 0 on, or from the last event after it. What
     * was measured before surgery is a yardstick and meets nothing.
     */
    Evidence counted(LocalDate known) {
        History history = course.history();
        Evidence evidence = history.evidence();
        Clocks clocks = course.resolved().clocks();
        return Stream.concat(
                        Stream.of(clocks.dayZero()),
                        clocks.others().values().stream().flatMap(List::stream))
                .filter(start -> !start.isAfter(known))
                .max(Comparator.naturalOrder())
                .map(start -> counted.computeIfAbsent(start, from -> evidence.countingFrom(from, history.side())))
                .orElse(evidence);
    }

    private Yardstick yardstick() {
        History history = course.history();
        Resolved resolved = course.resolved();
        return new Yardstick(
                history.side(),
                history.otherSideHealthy(),
                history.readings(),
                resolved.clocks(),
                resolved.followUp().corridors());
    }

    /** What the gate is told. */
    Facts facts(LocalDate date, LocalDate known, boolean planned, List<Milestone> reviewed) {
        History history = course.history();
        CourseDay day = CourseDay.between(course.resolved().dayZero(), date);
        Set<String> met = reviewed.stream()
                .filter(milestone -> planned || milestone.isMet())
                .map(milestone -> milestone.criterion().id())
                .collect(Collectors.toUnmodifiableSet());
        Phase signed = course.phaseOn(known);
        return new Facts(
                day,
                known,
                history.side(),
                planned ? expectedBy(day, signed) : signed,
                met,
                history.holds().stream().filter(hold -> hold.holdsOn(date)).toList(),
                afterHolds(date),
                history.events().stream().filter(event -> event.closesOn(date)).toList(),
                counted(known).readings().upTo(known),
                planned);
    }

    private List<Reason.AfterHold> afterHolds(LocalDate date) {
        return course.history().holds().stream()
                .flatMap(hold -> afterHold(hold, date).stream())
                .toList();
    }

    private Optional<Reason.AfterHold> afterHold(Hold hold, LocalDate date) {
        return hold.ended()
                .flatMap(ended -> course.holdRules(hold)
                        .flatMap(rule -> rule.reEntry().stream()
                                .map(entry -> new Reason.AfterHold(hold, rule, ended.plusDays(entry.days()))))
                        .findFirst())
                .filter(after -> !hold.holdsOn(date) && !date.isBefore(hold.from()) && date.isBefore(after.until()));
    }

    private Phase expectedBy(CourseDay day, Phase signed) {
        Protocol protocol = course.resolved().protocol();
        Phase phase = signed;
        for (Phase later : protocol.phases()) {
            boolean expected =
                    !day.isBefore(later.expected().from(course.resolved().dayZero()));
            if (expected && protocol.hasReached(later.id(), phase.id())) {
                phase = later;
            }
        }
        return phase;
    }
}
