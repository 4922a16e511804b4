package waypost.core.caseload;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.course.NextPhase;
import waypost.core.course.Standing;
import waypost.core.criterion.Criterion;
import waypost.core.followup.Behind;
import waypost.core.followup.VisitAdvice;
import waypost.core.log.Event;
import waypost.core.log.Hold;
import waypost.core.milestone.Milestone;
import waypost.core.question.Question;

/** Something of a course that somebody has to look at. */
public sealed interface Concern {

    /** What is to be looked at, the gravest first. */
    enum Kind {
        HELD,
        OVERDUE,
        BEHIND,
        STANDS_STILL,
        FOR_THE_SURGEON,
        TOO_SELDOM,
        TOO_OFTEN,
        UNSIGNED,
        REPORT_DUE,
        READY
    }

    Kind kind();

    /** Work is on hold. */
    record Held(Hold hold) implements Concern {
        @Override
        public Kind kind() {
            return Kind.HELD;
        }
    }

    /** Something happened and nobody has looked after it. */
    record NotLookedAfter(Event event) implements Concern {
        @Override
        public Kind kind() {
            return Kind.HELD;
        }
    }

    /** Something is late, or about to be. */
    record Late(Behind behind) implements Concern {
        @Override
        public Kind kind() {
            if (behind instanceof Behind.Overdue) {
                return Kind.OVERDUE;
            }
            return behind instanceof Behind.Plateau ? Kind.STANDS_STILL : Kind.BEHIND;
        }
    }

    /** The surgeon has not said what the protocol asks. */
    record Unanswered(Question question) implements Concern {
        @Override
        public Kind kind() {
            return Kind.FOR_THE_SURGEON;
        }
    }

    /** Only the surgeon's word is missing before the next phase, which time allows. */
    record Clearance(Milestone milestone) implements Concern {
        @Override
        public Kind kind() {
            return Kind.FOR_THE_SURGEON;
        }
    }

    /** Not seen for so many days; so many were advised. */
    record TooSeldom(int days, int advised, Optional<LocalDate> next) implements Concern {
        @Override
        public Kind kind() {
            return Kind.TOO_SELDOM;
        }
    }

    /** Seen so often in a fortnight; so often was advised. */
    record TooOften(int visits, int advised) implements Concern {
        @Override
        public Kind kind() {
            return Kind.TOO_OFTEN;
        }
    }

    /** A visit without a note, or a note without a signature. */
    record Unsigned(LocalDate visitedOn, boolean written) implements Concern {
        @Override
        public Kind kind() {
            return Kind.UNSIGNED;
        }
    }

    /**
     * A report to the surgeon is due.
     *
     * @param days since the one before, or since day 0
     * @param first whether none was written yet
     */
    record ReportDue(int days, boolean first) implements Concern {
        @Override
        public Kind kind() {
            return Kind.REPORT_DUE;
        }
    }

    /** The next phase may be signed. */
    record Ready(NextPhase next) implements Concern {
        @Override
        public Kind kind() {
            return Kind.READY;
        }
    }

    /**
     * Everything of a course that is to be looked at, the gravest first.
     *
     * @param unsigned visits that are not closed
     */
    static List<Concern> of(Standing standing, Seen seen, List<Unsigned> unsigned) {
        List<Concern> concerns = new ArrayList<>(unsigned);
        Stream.concat(standing.facts().holds().stream(), standing.stops().stream())
                .distinct()
                .forEach(hold -> concerns.add(new Held(hold)));
        standing.facts().unlooked().forEach(event -> concerns.add(new NotLookedAfter(event)));
        VisitAdvice advice = VisitAdvice.of(standing);
        advice.behind().forEach(behind -> concerns.add(new Late(behind)));
        standing.course().resolved().unanswered().forEach(question -> concerns.add(new Unanswered(question)));
        standing.next().ifPresent(next -> {
            if (next.ready()) {
                concerns.add(new Ready(next));
            }
            clearances(next).forEach(concerns::add);
        });
        boolean held = concerns.stream().anyMatch(concern -> concern.kind() == Kind.HELD);
        LocalDate dayZero = standing.course().resolved().dayZero();
        if (!held && !dayZero.isAfter(standing.date())) {
            seen.tooSeldom(advice, dayZero, standing.date()).ifPresent(concerns::add);
        }
        seen.tooOften(advice).ifPresent(concerns::add);
        seen.reportDue(dayZero, standing.date()).ifPresent(concerns::add);
        concerns.sort(Comparator.comparing(Concern::kind));
        return List.copyOf(concerns);
    }

    /** What the surgeon clears, where nothing else bars the phase. */
    private static List<Concern> clearances(NextPhase next) {
        List<Milestone> missing = next.milestones().stream()
                .filter(milestone -> !milestone.isMet())
                .toList();
        boolean onlyTheSurgeon = next.timeReached()
                && !missing.isEmpty()
                && missing.stream()
                        .allMatch(milestone -> milestone.criterion() instanceof Criterion.Attested attested
                                && attested.kind() == Criterion.Attested.Kind.CLEARANCE);
        return onlyTheSurgeon ? missing.stream().<Concern>map(Clearance::new).toList() : List.of();
    }
}
