package waypost.core.progression;

import java.util.List;
import java.util.Optional;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.log.WorkLog;
import waypost.core.prescription.WorkingDose;

/**
 * What is laid over every dose, whoever asks for it: the share after a hold, sport, and the gate.
 *
 * @param work what was done before the standing's day
 */
record LastWord(Standing standing, WorkLog work, Brakes brakes, Passing passing) {

    /** After a hold only the share of it; then the gate's last word: as it is, cut to what it allows, as last time. */
    Proposal proposed(RoleKey asked, RoleKey role, Way way, WorkingDose dose, List<Ground> why, WorkingDose last) {
        Optional<Ground.AfterHold> share = brakes.heldBack().reEntry();
        share.filter(after -> !why.contains(after)).ifPresent(why::add);
        boolean isLess = way == Way.PRESCRIBED
                && !dose.equals(last)
                && !dose.isMoreThan(shared(last, share), exercise(role).setUps());
        WorkingDose beside = brakes.besideSport().of(role, isLess ? dose : shared(dose, share), why);
        return judged(asked, role, way, beside, why, shared(last, share));
    }

    Proposal judged(RoleKey asked, RoleKey role, Way way, WorkingDose dose, List<Ground> why, WorkingDose last) {
        Optional<WorkingDose> allowed = passing.allowed(role, dose, why);
        if (allowed.isPresent()) {
            new FirstRun(standing.course(), work, standing.date())
                    .asksMore(role, allowed.get())
                    .filter(more -> !why.contains(more))
                    .ifPresent(why::add);
            boolean nothingMore = way == Way.UP && allowed.get().equals(last);
            return new Proposal.Do(asked, role, nothingMore ? Way.SAME : way, allowed.get(), why);
        }
        return passing.allowed(role, last, why)
                .<Proposal>map(again -> new Proposal.Do(asked, role, Way.SAME, again, why))
                .orElseGet(() -> nothingLeft(asked, role, why));
    }

    /** The day has had enough, or the gate closes it whatever was done. */
    private Proposal nothingLeft(RoleKey asked, RoleKey role, List<Ground> why) {
        List<Ground> already = why.stream()
                .filter(Ground.AlreadyToday.class::isInstance)
                .distinct()
                .toList();
        return already.isEmpty()
                ? new Proposal.Closed(asked, standing.verdict(role), Optional.empty())
                : new Proposal.Rest(asked, standing.date().plusDays(1), already);
    }

    private static WorkingDose shared(WorkingDose dose, Optional<Ground.AfterHold> share) {
        return share.map(after -> dose.lowered(after.percent())).orElse(dose);
    }

    private Activity.Exercise exercise(RoleKey key) {
        return standing.course().exercise(key.activity());
    }
}
