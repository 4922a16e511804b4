package waypost.core.progression;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import waypost.core.course.Neighbours;
import waypost.core.course.Standing;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.log.Bout;
import waypost.core.log.WorkLog;
import waypost.core.milestone.Milestone;

/**
 * Proposes today's dose: the named rule first, then what holds it back, then the gate, which has the last word. Whatever
 * it proposes to do is open today in just that dose.
 */
public final class Proposals {

    private static final int LONG_BREAK_DAYS = 14;
    private static final int HALF_PERCENT = 50;

    private final Standing standing;
    private final WorkLog work;
    private final DayOfWork day;
    private final Balance balance;
    private final Set<RoleKey> off;
    private final Neighbours neighbours;
    private final Doses doses;
    private final Passing passing;

    /**
     * @param work everything that was done; what was done on the standing's own day is not looked at
     * @param day what the check-in says
     */
    public Proposals(Standing standing, WorkLog work, DayOfWork day) {
        this.standing = standing;
        this.work = work.upTo(standing.date().minusDays(1));
        this.day = day;
        this.balance = new Balance(standing.course().activities(), this.work);
        this.off = Set.copyOf(standing.switchedOff());
        this.neighbours = new Neighbours(standing);
        this.doses = new Doses(standing, this.work, pain());
        this.passing = new Passing(standing);
    }

    /** How much pain a set may give today. */
    public PainLimit pain() {
        return PainLimit.of(standing.course(), day.baseline());
    }

    /** What is proposed for a role of the plan. */
    public Proposal of(RoleKey asked) {
        Verdict verdict = standing.verdict(asked);
        if (off.contains(asked)) {
            return new Proposal.Finished(asked);
        }
        if (!verdict.kind().isOpen()) {
            return new Proposal.Closed(asked, verdict, neighbour(asked));
        }
        Optional<Ground.TissueRests> rests = balance.resting(asked, standing.date());
        if (rests.isPresent()) {
            return new Proposal.Rest(asked, rests.get().on().plusDays(2), List.of(rests.get()));
        }
        return dosed(asked, asked);
    }

    /** The same where the therapist stays on the planned rung though the rule leads to another: with every brake of the day. */
    public Proposal staying(RoleKey planned) {
        Proposal leads = of(planned);
        Optional<Proposal.Do> elsewhere =
                leads.toDo().filter(toDo -> !toDo.role().equals(planned));
        if (elsewhere.isEmpty() || !isOpen(planned)) {
            return leads;
        }
        List<Ground> why = new ArrayList<>(elsewhere.get().why());
        Prescription last = doses.last(planned);
        return elsewhere.get().way() == Way.RUNG_BEFORE
                ? lessOf(planned, planned, last, why)
                : proposed(planned, planned, Way.SAME, last, why, last);
    }

    /** What to do at once after too much pain in a set or a stop: a lighter load, or the rung before. */
    public Proposal stepBack(RoleKey role, Prescription now, Ground because) {
        List<Ground> why = new ArrayList<>(List.of(because));
        return Task.lighter(now, exercise(role).setUps())
                .map(lighter -> judged(role, role, Way.DOWN, lighter, why, now))
                .orElseGet(() -> before(role, role, now, why));
    }

    /** The nearest open rung that does not rest today; its own dose. */
    private Optional<Proposal.Do> neighbour(RoleKey asked) {
        return neighbours
                .nearestOpen(asked)
                .filter(role -> balance.resting(role, standing.date()).isEmpty())
                .flatMap(role -> dosed(asked, role).toDo());
    }

    private Proposal dosed(RoleKey asked, RoleKey role) {
        List<Bout> bouts = work.bouts(role);
        if (bouts.isEmpty()) {
            Prescription first = doses.first(role);
            return gated(asked, role, new Step(Way.NEW, first, new Ground.FirstTime(), standing.date()), first);
        }
        Task task = doses.task(role, bouts);
        Step step = doses.rule(role, task).next(task);
        if (step.from().isAfter(standing.date())) {
            return new Proposal.Rest(asked, step.from(), List.of(step.why()));
        }
        return gated(asked, role, step, Doses.asDoneLast(task));
    }

    private Proposal gated(RoleKey asked, RoleKey role, Step step, Prescription last) {
        List<Ground> why = new ArrayList<>(List.of(step.why()));
        Way way = step.way();
        Optional<Ground> held = way.isHarder() ? heldBack(role) : Optional.empty();
        if (held.isPresent()) {
            why.add(held.get());
            return proposed(asked, role, Way.SAME, last, why, last);
        }
        Optional<Criterion> wanted = way == Way.NEXT_RUNG ? toleratedFirst(role) : Optional.empty();
        if (wanted.isPresent()) {
            why.add(new Ground.StaysFor(wanted.get()));
            return proposed(asked, role, Way.SAME, last, why, last);
        }
        if (way == Way.NEXT_RUNG) {
            return next(asked, role, last, why);
        }
        if (way == Way.RUNG_BEFORE) {
            return before(asked, role, step.dose(), why);
        }
        return proposed(asked, role, way, step.dose(), why, last);
    }

    /** After holds no dose is above the least share of the last one that any of them asks for. */
    private Optional<Ground.AfterHold> reEntry() {
        return standing.facts().afterHolds().stream()
                .map(after -> new Ground.AfterHold(
                        after.rule().reEntry().orElseThrow().percent(), after.until()))
                .min(Comparator.comparingInt(Ground.AfterHold::percent).thenComparing(Ground.AfterHold::until));
    }

    /** What speaks against more today, whatever the rule says. */
    private Optional<Ground> heldBack(RoleKey role) {
        if (day.brake().isPresent()) {
            return day.brake().map(Ground.ProgressHeld::new);
        }
        LocalDate last = work.bouts(role).get(work.bouts(role).size() - 1).on();
        int away = (int) ChronoUnit.DAYS.between(last, standing.date());
        if (away > LONG_BREAK_DAYS) {
            return Optional.of(new Ground.LongBreak(away));
        }
        return reEntry().map(Ground.class::cast);
    }

    /** What the next phase wants tolerated on this very rung, and is not yet. */
    private Optional<Criterion> toleratedFirst(RoleKey role) {
        return standing.next().stream()
                .flatMap(next -> next.milestones().stream())
                .flatMap(Milestone::single)
                .filter(milestone -> !milestone.isMet())
                .map(Milestone::criterion)
                .filter(criterion -> criterion instanceof Criterion.Tolerated tolerated
                        && tolerated.activities().contains(role.activity()))
                .findFirst();
    }

    private Proposal next(RoleKey asked, RoleKey role, Prescription last, List<Ground> why) {
        Optional<RoleKey> harder = neighbours.next(role);
        if (harder.isEmpty()) {
            why.add(new Ground.EndOfLadder(true));
            return proposed(asked, role, Way.SAME, last, why, last);
        }
        Verdict verdict = standing.verdict(harder.get());
        boolean rests = balance.resting(harder.get(), standing.date()).isPresent();
        if (!verdict.kind().isOpen() || rests || off.contains(harder.get())) {
            why.add(new Ground.NextRungClosed(verdict));
            return proposed(asked, role, Way.SAME, last, why, last);
        }
        if (wasDoneSince(harder.get(), role)) {
            return dosed(asked, harder.get());
        }
        Prescription first = doses.first(harder.get());
        return proposed(asked, harder.get(), Way.NEXT_RUNG, first, why, first);
    }

    private boolean wasDoneSince(RoleKey harder, RoleKey role) {
        List<Bout> there = work.bouts(harder);
        List<Bout> here = work.bouts(role);
        return !there.isEmpty()
                && there.get(there.size() - 1)
                        .on()
                        .isAfter(here.get(here.size() - 1).on());
    }

    private Proposal before(RoleKey asked, RoleKey role, Prescription dose, List<Ground> why) {
        Optional<RoleKey> easier = neighbours.before(role).filter(this::isOpen);
        if (easier.isEmpty()) {
            why.add(new Ground.EndOfLadder(false));
            return lessOf(asked, role, dose, why);
        }
        Prescription last = doses.last(easier.get());
        boolean alike = last.aim().counted().isVolume()
                && last.aim().counted() == dose.aim().counted();
        Prescription back = alike ? last.noMoreThan(dose.aim().most()) : last;
        return proposed(asked, easier.get(), Way.RUNG_BEFORE, back, why, back);
    }

    private Proposal lessOf(RoleKey asked, RoleKey role, Prescription dose, List<Ground> why) {
        Prescription less = dose.lowered(HALF_PERCENT);
        return proposed(asked, role, Way.DOWN, less, why, less);
    }

    private boolean isOpen(RoleKey role) {
        return standing.verdict(role).kind().isOpen()
                && !off.contains(role)
                && balance.resting(role, standing.date()).isEmpty();
    }

    /** After a hold only the share of it; then the gate's last word: as it is, cut to what it allows, as last time. */
    private Proposal proposed(
            RoleKey asked, RoleKey role, Way way, Prescription dose, List<Ground> why, Prescription last) {
        Optional<Ground.AfterHold> share = reEntry();
        share.filter(after -> !why.contains(after)).ifPresent(why::add);
        Prescription beside = besideSport(role, shared(dose, share), why);
        return judged(asked, role, way, beside, why, shared(last, share));
    }

    private Proposal judged(
            RoleKey asked, RoleKey role, Way way, Prescription dose, List<Ground> why, Prescription last) {
        Optional<Prescription> allowed = passing.allowed(role, dose, why);
        if (allowed.isPresent()) {
            boolean nothingMore = way == Way.UP && allowed.get().equals(last);
            return new Proposal.Do(asked, role, nothingMore ? Way.SAME : way, allowed.get(), why);
        }
        return passing.allowed(role, last, why)
                .<Proposal>map(again -> new Proposal.Do(asked, role, Way.SAME, again, why))
                .orElseGet(() -> new Proposal.Closed(asked, standing.verdict(role), Optional.empty()));
    }

    private static Prescription shared(Prescription dose, Optional<Ground.AfterHold> share) {
        return share.map(after -> dose.lowered(after.percent())).orElse(dose);
    }

    /** Strength gives way to sport that rose: a set less. */
    private Prescription besideSport(RoleKey role, Prescription dose, List<Ground> why) {
        if (day.sport().isEmpty() || exercise(role).purpose() != Purpose.STRENGTH || dose.sets() == 1) {
            return dose;
        }
        why.add(day.sport().get());
        return dose.inSets(dose.sets() - 1);
    }

    private Activity.Exercise exercise(RoleKey key) {
        return standing.course().exercise(key.activity());
    }
}
