package waypost.core.progression;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import waypost.core.course.Neighbours;
import waypost.core.course.Standing;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Counted;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.log.Bout;
import waypost.core.log.WorkLog;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.WorkingDose;
import waypost.core.program.Program;

/**
 * Proposes today's dose: the named rule first, then what holds it back, then the gate, which has the last word. Whatever
 * it proposes to do is open today in just that dose.
 */
public final class Proposals {

    private static final int HALF_PERCENT = 50;

    private final Standing standing;
    private final WorkLog work;
    private final DayOfWork day;
    private final Prescribed prescribed;
    private final Balance balance;
    private final OpenToday open;
    private final Brakes brakes;
    private final Neighbours neighbours;
    private final Doses doses;
    private final Passing passing;
    private final LastWord lastWord;

    /**
     * @param work everything that was done; what was done on the standing's own day is not looked at
     */
    public Proposals(Standing standing, WorkLog work, DayOfWork day) {
        this(standing, work, day, Prescribed.NOTHING);
    }

    /**
     * @param prescribed what therapists wrote in the place of the library's doses
     */
    public Proposals(Standing standing, WorkLog work, DayOfWork day, Prescribed prescribed) {
        this(standing, work, day, prescribed, SoFar.nothing(standing.course()));
    }

    /**
     * @param soFar what the day has had already of what all exercises add up to
     */
    public Proposals(Standing standing, WorkLog work, DayOfWork day, Prescribed prescribed, SoFar soFar) {
        this.standing = standing;
        this.work = work.upTo(standing.date().minusDays(1));
        this.day = day;
        this.prescribed = prescribed;
        this.balance = new Balance(standing.course().activities(), this.work);
        this.open = new OpenToday(standing, Set.copyOf(standing.switchedOff()), balance);
        this.neighbours = new Neighbours(standing);
        this.doses = new Doses(standing, this.work, prescribed.doses(), pain());
        this.passing = new Passing(standing, soFar);
        this.brakes = new Brakes(
                open,
                new HeldBack(standing, this.work, day),
                new BesideSport(standing.course(), prescribed.event(), day.sport()));
        this.lastWord = new LastWord(standing, this.work, brakes, passing);
    }

    /** How much pain a set may give today. */
    public PainLimit pain() {
        return PainLimit.of(standing.course(), day.baseline());
    }

    /** How much pain a set of a role may give today: less where a therapist allows less. */
    public PainLimit pain(RoleKey role) {
        return doses.pain(role);
    }

    /** The sets, amount, load and set-up of the last time; empty where it was never done. */
    public Optional<WorkingDose> lastDone(RoleKey role) {
        return work.bouts(role).isEmpty() ? Optional.empty() : Optional.of(doses.really(role));
    }

    /** What the gate leaves of a dose of a role that is to be written: the days it is for begin with nothing done. */
    public Allowed allowed(RoleKey role, WorkingDose dose) {
        List<Ground> why = new ArrayList<>();
        return new Allowed(passing.onAnotherDay().allowed(role, dose, why), why);
    }

    /** What is proposed for a role of the plan. */
    public Proposal of(RoleKey asked) {
        Optional<Program> followed = prescribed.program(asked);
        if (followed.isPresent() && !open.isOff(asked)) {
            return prescribed
                    .otherDay(asked, standing.date())
                    .<Proposal>map(rest -> rest)
                    .orElseGet(() -> inProgram(followed.get()).proposal(asked));
        }
        Verdict verdict = standing.verdict(asked);
        if (open.isOff(asked)) {
            return new Proposal.Finished(asked);
        }
        if (!verdict.kind().isOpen()) {
            return new Proposal.Closed(asked, verdict, neighbour(asked));
        }
        Optional<Proposal.Rest> otherDay = prescribed.otherDay(asked, standing.date());
        if (otherDay.isPresent()) {
            return otherDay.get();
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
        if (elsewhere.isEmpty() || !open.isOpen(planned)) {
            return leads;
        }
        List<Ground> why = new ArrayList<>(elsewhere.get().why());
        WorkingDose last = doses.last(planned);
        return elsewhere.get().way() == Way.RUNG_BEFORE
                ? lessOf(planned, planned, last, why)
                : lastWord.proposed(planned, planned, Way.SAME, last, why, last);
    }

    /** Where the course stands in a program today, followed or not. */
    public ProgramToday program(Program program) {
        return inProgram(program).today();
    }

    private ProgramProposals inProgram(Program program) {
        return ProgramProposals.of(program, doses, lastWord);
    }

    /** How a session of stages goes on today, for a role of the plan whose dose is counted in runs; empty where none is left. */
    public Optional<RunTable> runs(RoleKey planned) {
        return of(planned)
                .toDo()
                .filter(toDo -> toDo.dose().aim().counted() == Counted.RUNS)
                .flatMap(toDo -> new StagesToday(brakes, passing, doses).table(toDo));
    }

    /** What to do at once after too much pain in a set or a stop: a lighter load, or the rung before. */
    public Proposal stepBack(RoleKey role, WorkingDose now, Ground because) {
        List<Ground> why = new ArrayList<>(List.of(because));
        return Task.lighter(now, exercise(role).setUps())
                .map(lighter -> lastWord.judged(role, role, Way.DOWN, lighter, why, now))
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
        List<Bout> bouts = doses.bouts(role);
        if (bouts.isEmpty() && prescribed.doses().of(role).isPresent()) {
            return prescribed(asked, role, prescribed.doses().of(role).get());
        }
        if (bouts.isEmpty()) {
            WorkingDose first = doses.first(role);
            return gated(asked, role, new Step(Way.NEW, first, new Ground.FirstTime(), standing.date()), first);
        }
        Task task = doses.task(role, bouts);
        Step step = doses.rule(role, task).next(task);
        if (step.from().isAfter(standing.date())) {
            return new Proposal.Rest(asked, step.from(), List.of(step.why()));
        }
        return gated(asked, role, step, Doses.asDoneLast(task));
    }

    /** As it was prescribed and not done since; no more than last time where something holds more back. */
    private Proposal prescribed(RoleKey asked, RoleKey role, Prescription written) {
        List<Ground> why =
                new ArrayList<>(List.of(new Ground.Prescribed(written.since().day())));
        WorkingDose dose = doses.usual(role);
        List<Bout> ever = work.bouts(role);
        if (ever.isEmpty()) {
            return lastWord.proposed(asked, role, Way.PRESCRIBED, dose, why, dose);
        }
        WorkingDose last = doses.really(role);
        boolean more = dose.isMoreThan(last, exercise(role).setUps());
        Optional<Ground> held = more ? brakes.more(role) : Optional.empty();
        if (held.isPresent()) {
            why.add(held.get());
            return lastWord.proposed(asked, role, Way.SAME, last, why, last);
        }
        Optional<Step> since = doses.answeredSince(role, written);
        if (since.isPresent() && (more || !last.isMoreThan(dose, exercise(role).setUps()))) {
            return gated(asked, role, since.get(), last);
        }
        Step begun = doses.begun(role, written, dose);
        if (begun.from().isAfter(standing.date())) {
            return new Proposal.Rest(asked, begun.from(), List.of(begun.why()));
        }
        return begun.way() == Way.PRESCRIBED
                ? lastWord.proposed(asked, role, Way.PRESCRIBED, dose, why, last)
                : gated(asked, role, begun, last);
    }

    private Proposal gated(RoleKey asked, RoleKey role, Step step, WorkingDose last) {
        List<Ground> why = new ArrayList<>(List.of(step.why()));
        Way way = step.way();
        Optional<Ground> held = way.isHarder() ? brakes.more(role) : Optional.empty();
        if (held.isPresent()) {
            why.add(held.get());
            return lastWord.proposed(asked, role, Way.SAME, last, why, last);
        }
        Optional<Criterion> wanted = way == Way.NEXT_RUNG ? brakes.heldBack().tolerated(role) : Optional.empty();
        if (wanted.isPresent()) {
            why.add(new Ground.StaysFor(wanted.get()));
            return lastWord.proposed(asked, role, Way.SAME, last, why, last);
        }
        if (way == Way.NEXT_RUNG) {
            return next(asked, role, last, why);
        }
        if (way == Way.RUNG_BEFORE) {
            return before(asked, role, step.dose(), why);
        }
        return lastWord.proposed(asked, role, way, step.dose(), why, last);
    }

    private Proposal next(RoleKey asked, RoleKey role, WorkingDose last, List<Ground> why) {
        Optional<RoleKey> harder = neighbours.next(role);
        if (harder.isEmpty()) {
            why.add(new Ground.EndOfLadder(true));
            return lastWord.proposed(asked, role, Way.SAME, last, why, last);
        }
        if (!open.isOpen(harder.get())) {
            why.add(new Ground.NextRungClosed(standing.verdict(harder.get())));
            return lastWord.proposed(asked, role, Way.SAME, last, why, last);
        }
        if (work.isNoOlder(harder.get(), role)) {
            return dosed(asked, harder.get());
        }
        WorkingDose first = doses.first(harder.get());
        return lastWord.proposed(asked, harder.get(), Way.NEXT_RUNG, first, why, first);
    }

    private Proposal before(RoleKey asked, RoleKey role, WorkingDose dose, List<Ground> why) {
        Optional<RoleKey> easier = neighbours.before(role).filter(open::isOpen);
        if (easier.isEmpty()) {
            why.add(new Ground.EndOfLadder(false));
            return lessOf(asked, role, dose, why);
        }
        WorkingDose last = doses.last(easier.get());
        boolean alike = last.aim().counted().isVolume()
                && last.aim().counted() == dose.aim().counted();
        WorkingDose back = alike ? last.noMoreThan(dose.aim().most()) : last;
        return lastWord.proposed(asked, easier.get(), Way.RUNG_BEFORE, back, why, back);
    }

    private Proposal lessOf(RoleKey asked, RoleKey role, WorkingDose dose, List<Ground> why) {
        WorkingDose less = dose.lowered(HALF_PERCENT);
        return lastWord.proposed(asked, role, Way.DOWN, less, why, less);
    }

    private Activity.Exercise exercise(RoleKey key) {
        return standing.course().exercise(key.activity());
    }
}
