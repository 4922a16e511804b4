package waypost.core.visit;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.RoleKey;
import waypost.core.followup.VisitAdvice;
import waypost.core.log.SetDone;
import waypost.core.log.Stop;
import waypost.core.log.WorkLog;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.Prescriptions;
import waypost.core.prescription.Week;
import waypost.core.prescription.WorkingDose;
import waypost.core.program.Program;
import waypost.core.progression.Allowed;
import waypost.core.progression.DayOfWork;
import waypost.core.progression.Ground;
import waypost.core.progression.PainLimit;
import waypost.core.progression.Prescribed;
import waypost.core.progression.ProgramToday;
import waypost.core.progression.Proposal;
import waypost.core.progression.Proposals;
import waypost.core.progression.RunTable;
import waypost.core.progression.SoFar;
import waypost.core.safety.CheckIn;
import waypost.core.safety.RedFlag;
import waypost.core.sport.SportGoal;

/** A day of work in one course of a person, as it is known now: everything that is decided about it. */
public final class Visit {

    /** A second stop within so many days is told to the surgeon's team (common practice, no source). */
    private static final int STOPS_DAYS = 7;

    private static final int STOPS_TO_CALL = 2;
    private static final int REST_STRENGTH_SECONDS = 90;
    private static final int REST_SECONDS = 45;

    private final Standing standing;
    private final Told told;
    private final DayOfWork day;
    private final WorkLog work;
    private final List<Stop> stops;
    private final Proposals proposals;

    private Visit(Standing standing, Told told) {
        this.standing = standing;
        this.told = told;
        this.day = DayOfWork.of(told.said(), told.asked(), standing, told.work());
        this.work = told.work();
        this.stops = told.stops();
        this.proposals = new Proposals(
                standing,
                work,
                day,
                new Prescribed(
                        told.prescribed(),
                        told.week(),
                        told.goal().flatMap(goal -> goal.taperOn(standing.date())),
                        told.followed()),
                SoFar.of(standing.course(), standing.date(), work, told.atHome()));
    }

    /**
     * What was told, done and written so far, which decides the rest.
     *
     * @param atHome what was done at home on the same day
     * @param followed programs by which exercises of the plan go on
     */
    public record Told(
            Optional<CheckIn> said,
            List<RedFlag> asked,
            WorkLog work,
            List<Stop> stops,
            Prescriptions prescribed,
            Week week,
            Optional<SportGoal> goal,
            List<SoFar.Portion> atHome,
            List<Program> followed) {

        /** Where nothing is prescribed. */
        public Told(Optional<CheckIn> said, List<RedFlag> asked, WorkLog work, List<Stop> stops) {
            this(said, asked, work, stops, Prescriptions.NONE, Week.UNSAID, Optional.empty(), List.of(), List.of());
        }

        public Told {
            asked = List.copyOf(asked);
            stops = List.copyOf(stops);
            atHome = List.copyOf(atHome);
            followed = List.copyOf(followed);
        }
    }

    /** The visit on the day of a standing. */
    public static Visit of(Standing standing, Told told) {
        return new Visit(standing, told);
    }

    public Standing standing() {
        return standing;
    }

    /** What the check-in and the joint say of the day. */
    public DayOfWork day() {
        return day;
    }

    /** The red flags that are asked on this day. */
    public List<RedFlag> asked() {
        return told.asked();
    }

    /** Whether a flag was answered with yes. */
    public boolean isRaised(RedFlag flag) {
        return told.said().map(said -> said.flags().contains(flag.id())).orElse(false);
    }

    /** Of these programs the ones whose first stage the protocol opens at some time, as they stand on this day. */
    public List<ProgramToday> programs(List<Program> all) {
        return all.stream()
                .filter(program -> standing.course()
                        .speaksOf(standing.course()
                                .exercise(program.roles().get(0).activity())))
                .map(proposals::program)
                .toList();
    }

    /** Whether a program is followed. */
    public boolean follows(Program program) {
        return told.followed().stream().anyMatch(each -> each.id().equals(program.id()));
    }

    public WorkLog work() {
        return work;
    }

    /** How much pain a set may give today. */
    public PainLimit pain() {
        return proposals.pain();
    }

    /** How much pain a set of a role may give today: less where a therapist allows less. */
    public PainLimit pain(RoleKey role) {
        return proposals.pain(role);
    }

    /** The sets, amount, load and set-up of the last time; empty where it was never done. */
    public Optional<WorkingDose> lastDone(RoleKey role) {
        return proposals.lastDone(role);
    }

    /** What the gate leaves today of a dose that somebody means to prescribe. */
    public Allowed allowed(RoleKey role, WorkingDose dose) {
        return proposals.allowed(role, dose);
    }

    /** What speaks today against a dose that somebody means to prescribe; empty where it may be written as it is. */
    public Optional<Objection> against(Prescription wanted) {
        Allowed allowed = allowed(wanted.role(), wanted.dose());
        if (!allowed.dose().equals(Optional.of(wanted.dose()))) {
            return Optional.of(new Objection.Cut(allowed));
        }
        PainLimit ruled = pain();
        boolean more = ruled.from() == PainLimit.From.PROTOCOL
                && wanted.painMost().isPresent()
                && wanted.painMost().getAsInt() > ruled.most();
        return more ? Optional.of(new Objection.MorePain(wanted.painMost().getAsInt(), ruled)) : Optional.empty();
    }

    /** Whether a dose of a set of exercises may be put in: nothing was done or prescribed yet, and it passes whole. */
    public boolean mayBeginWith(Prescription wanted) {
        return work.bouts(wanted.role()).isEmpty()
                && prescribed(wanted.role()).isEmpty()
                && against(wanted).isEmpty();
    }

    /** What is prescribed for a role, if anything is. */
    public Optional<Prescription> prescribed(RoleKey role) {
        return told.prescribed().of(role);
    }

    /** What is proposed for a role of the plan. */
    public Proposal proposal(RoleKey planned) {
        return proposals.of(planned);
    }

    /** What is proposed where the therapist stays on the planned rung though its rule leads to another. */
    public Proposal staying(RoleKey planned) {
        return proposals.staying(planned);
    }

    /** What is left of a proposed dose after the sets of the day; empty when all of them were done. */
    public Optional<WorkingDose> left(Proposal.Do toDo) {
        int done = (int) work.sets().stream()
                .filter(set -> set.on().equals(standing.date()) && set.role().equals(toDo.role()))
                .count();
        WorkingDose dose = toDo.dose();
        return done < dose.sets() ? Optional.of(dose.inSets(dose.sets() - done)) : Optional.empty();
    }

    /** How a session of running stages goes on today; empty for what is not counted in runs, and where none is left. */
    public Optional<RunTable> runs(RoleKey planned) {
        return proposals.runs(planned);
    }

    /** Whether the rule of a planned role led to another rung, which the plan then follows. */
    public boolean leads(RoleKey planned, RoleKey to) {
        return proposal(planned) instanceof Proposal.Do toDo && toDo.role().equals(to);
    }

    /** What to do at once instead of {@code now}: its last set of today gave too much pain, or it was stopped today. */
    public Optional<Proposal.Do> stepBack(Proposal.Do now) {
        Optional<SetDone> over = last(now.role()).filter(set -> pain(now.role()).isBrokenBy(set.pain()));
        Optional<Ground> why = over.<Ground>map(
                        set -> new Ground.PainOver(set.pain(), pain(now.role()).most(), Ground.PainOver.When.IN_A_SET))
                .or(() -> stoppedToday(now.role()).map(stop -> new Ground.Stopped(stop.why())));
        WorkingDose dose = over.map(set -> asDone(now.dose(), set)).orElse(now.dose());
        return why.flatMap(
                ground -> proposals.stepBack(now.role(), dose, ground).toDo());
    }

    /** A dose with what was held in a set, set up as that was, as far as it was said. */
    private static WorkingDose asDone(WorkingDose dose, SetDone set) {
        WorkingDose so = set.setUp().equals(Arrangement.UNSAID) ? dose : dose.in(set.setUp());
        return set.load().map(so::with).orElse(so);
    }

    private Optional<SetDone> last(RoleKey role) {
        return work.sets().stream()
                .filter(set -> set.role().equals(role) && set.on().equals(standing.date()))
                .reduce((earlier, later) -> later);
    }

    private Optional<Stop> stoppedToday(RoleKey role) {
        return stops.stream()
                .filter(stop -> stop.on().equals(standing.date()) && stop.role().equals(role))
                .reduce((earlier, later) -> later);
    }

    /** The stops of an exercise that still count, the latest first. */
    public List<Stop> stops(RoleKey role) {
        LocalDate since = standing.date().minusDays(STOPS_DAYS - 1L);
        return stops.stream()
                .filter(stop -> stop.role().equals(role) && !stop.on().isBefore(since))
                .sorted(Comparator.comparing(Stop::on).reversed())
                .toList();
    }

    /** Whether an exercise was stopped so often lately that the surgeon's team is to be called. */
    public boolean mustCallAbout(RoleKey role) {
        return stops(role).size() >= STOPS_TO_CALL;
    }

    /** How long to rest between two sets, in seconds (common practice, no source). */
    private static int restSeconds(Activity.Exercise exercise) {
        return exercise.purpose() == Purpose.STRENGTH ? REST_STRENGTH_SECONDS : REST_SECONDS;
    }

    /** How long to rest between two sets of a role, as prescribed or as usual, in seconds. */
    public int restSeconds(RoleKey role) {
        return prescribed(role)
                .map(Prescription::restSeconds)
                .orElse(OptionalInt.empty())
                .orElse(restSeconds(standing.course().exercise(role.activity())));
    }

    /** How often to come, as advice. */
    public VisitAdvice advice() {
        return VisitAdvice.of(standing);
    }

    /** The day on which to come again, by that advice. */
    public LocalDate nextVisit() {
        return standing.date().plusDays(advice().daysToNext());
    }
}
