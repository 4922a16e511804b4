package waypost.core.progression;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import waypost.core.course.Standing;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.RoleKey;
import waypost.core.log.Bout;
import waypost.core.log.WorkLog;
import waypost.core.milestone.Milestone;

/**
 * What speaks against more today, whatever a rule or a therapist's dose says.
 *
 * @param work what was done before the standing's day
 */
record HeldBack(Standing standing, WorkLog work, DayOfWork day) {

    private static final int LONG_BREAK_DAYS = 14;

    /** What speaks against more of a role that was done before. */
    Optional<Ground> more(RoleKey role) {
        if (day.brake().isPresent()) {
            return day.brake().map(Ground.ProgressHeld::new);
        }
        List<Bout> bouts = work.bouts(role);
        LocalDate last = bouts.get(bouts.size() - 1).on();
        int away = (int) ChronoUnit.DAYS.between(last, standing.date());
        if (away > LONG_BREAK_DAYS) {
            return Optional.of(new Ground.LongBreak(away));
        }
        return reEntry().map(Ground.class::cast);
    }

    /** What speaks against a harder rung in the middle of a session, also of a role that was never done before. */
    Optional<Ground> atOnce(RoleKey role) {
        return work.bouts(role).isEmpty()
                ? day.brake().<Ground>map(Ground.ProgressHeld::new).or(this::reEntry)
                : more(role);
    }

    /** After holds no dose is above the least share of the last one that any of them asks for. */
    Optional<Ground.AfterHold> reEntry() {
        return standing.facts().afterHolds().stream()
                .map(after -> new Ground.AfterHold(
                        after.rule().reEntry().orElseThrow().percent(), after.until()))
                .min(Comparator.comparingInt(Ground.AfterHold::percent).thenComparing(Ground.AfterHold::until));
    }

    /** What the next phase wants tolerated on this very rung, and is not yet. */
    Optional<Criterion> tolerated(RoleKey role) {
        return standing.next().stream()
                .flatMap(next -> next.milestones().stream())
                .flatMap(Milestone::single)
                .filter(milestone -> !milestone.isMet())
                .map(Milestone::criterion)
                .filter(criterion -> criterion instanceof Criterion.Tolerated tolerated
                        && tolerated.activities().contains(role.activity()))
                .findFirst();
    }
}
