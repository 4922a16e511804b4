package waypost.library.simulated;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.NextPhase;
import waypost.core.course.Outlook;
import waypost.core.course.SignedPhase;
import waypost.core.course.Standing;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.RoleKey;
import waypost.core.followup.VisitAdvice;
import waypost.core.log.Attestation;
import waypost.core.log.Evidence;
import waypost.core.log.Hold;
import waypost.core.log.Response;
import waypost.core.log.SetDone;
import waypost.core.log.WorkLog;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.milestone.Milestone;
import waypost.core.milestone.MilestoneState;
import waypost.core.program.Program;
import waypost.core.progression.DayOfWork;
import waypost.core.progression.Proposal;
import waypost.core.progression.Proposals;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolver;
import waypost.core.safety.CheckIn;
import waypost.core.safety.RedFlag;
import waypost.core.safety.Tier;
import waypost.library.bundle.Bundle;

/**
 * One course lived visit by visit, twice a week: check in, measure once a week, work as proposed, sign the next phase when
 * time and milestones allow it. Equal seeds give equal courses.
 */
public final class SimulatedCourse {

    private static final int[] DAYS_BETWEEN = {3, 4};
    private static final int DAYS_AFTER_THE_LAST_PHASE = 42;
    private static final int LONGEST_DAYS = 420;
    private static final int HOLD_DAYS = 7;
    private static final int FIRST_VISIT = 3;
    private static final int FLAG_NOT_BEFORE = 10;

    private final Bundle bundle;
    private final Protocol protocol;
    private final LocalDate dayZero;
    private final Random random;
    private final SimulatedPatient patient;
    private final Course rules;
    private final Hidden hidden;
    private final List<RedFlag> asked;
    private final int flagDay;
    private final int until;

    private final List<Reading> readings = new ArrayList<>();
    private final List<Attestation> attested = new ArrayList<>();
    private final List<SignedPhase> signed = new ArrayList<>();
    private final List<Hold> holds = new ArrayList<>();
    private final List<SetDone> sets = new ArrayList<>();
    private final TreeMap<LocalDate, Response> responses = new TreeMap<>();
    private final List<SimulatedVisit> visits = new ArrayList<>();
    private final Planning planning;

    private SimulatedCourse(
            Bundle bundle,
            Protocol protocol,
            Answers answers,
            Healing healing,
            LocalDate dayZero,
            long seed,
            Planning planning) {
        this.bundle = bundle;
        this.planning = planning;
        this.protocol = protocol;
        this.dayZero = dayZero;
        this.random = new Random(seed);
        this.patient = new SimulatedPatient(healing, random);
        this.rules = Course.of(
                Resolver.resolve(protocol, answers, dayZero),
                bundle.activities(),
                bundle.measures(),
                History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of()));
        this.hidden = new Hidden(rules.resolved(), bundle.measures(), healing);
        this.asked = bundle.redFlags().stream()
                .filter(flag -> flag.concerns(rules.resolved().region()))
                .toList();
        int last = protocol.phases()
                .get(protocol.phases().size() - 1)
                .earliest()
                .from(dayZero)
                .number();
        this.until = Math.min(LONGEST_DAYS, Math.max(last, 1) + DAYS_AFTER_THE_LAST_PHASE);
        int begins = protocol.firstPhase().earliest().from(dayZero).number();
        this.flagDay = healing == Healing.SILENT_RED_FLAG
                ? begins + FLAG_NOT_BEFORE + random.nextInt(Math.max(1, (until - begins) / 2))
                : until + 1;
    }

    /** Lives the whole course, its plan taken up at each visit. */
    public static SimulatedCourse live(
            Bundle bundle, Protocol protocol, Answers answers, Healing healing, LocalDate dayZero, long seed) {
        return new SimulatedCourse(bundle, protocol, answers, healing, dayZero, seed, new Planning.ByVisit()).lived();
    }

    /** Lives the whole course in blocks of four weeks with prescribed doses. */
    public static SimulatedCourse inBlocks(
            Bundle bundle, Protocol protocol, Answers answers, Healing healing, LocalDate dayZero, long seed) {
        return new SimulatedCourse(bundle, protocol, answers, healing, dayZero, seed, new BlockPlanning()).lived();
    }

    /** Lives the whole course and follows a program as soon as it may be begun. */
    public static SimulatedCourse following(
            Program program,
            Bundle bundle,
            Protocol protocol,
            Answers answers,
            Healing healing,
            LocalDate dayZero,
            long seed) {
        return new SimulatedCourse(bundle, protocol, answers, healing, dayZero, seed, new ProgramPlanning(program))
                .lived();
    }

    private SimulatedCourse lived() {
        int first = protocol.firstPhase().earliest().from(dayZero).number();
        int day = Math.min(FIRST_VISIT, first + 1);
        for (int nth = 0; day <= until; nth++) {
            visit(day);
            day += DAYS_BETWEEN[nth % DAYS_BETWEEN.length];
        }
        return this;
    }

    public List<SimulatedVisit> visits() {
        return List.copyOf(visits);
    }

    /** The phases signed, in order. */
    public List<SignedPhase> signed() {
        return List.copyOf(signed);
    }

    /** Ids of the phases signed, in order. */
    public List<String> phasesSigned() {
        return signed.stream().map(SignedPhase::phase).toList();
    }

    public List<Hold> holds() {
        return List.copyOf(holds);
    }

    /** The day of the hidden sign; after the end where there is none. */
    public int flagDay() {
        return flagDay;
    }

    public WorkLog work() {
        return new WorkLog(sets, List.copyOf(responses.values()));
    }

    private void visit(int day) {
        LocalDate date = dayZero.plusDays(day);
        endHold(date);
        CheckIn said = checkIn(day, date);
        boolean stops = said.gravest(asked).map(Tier::stopsTreatment).orElse(false);
        if (stops) {
            holds.add(new Hold(
                    Hold.Kind.RED_FLAG, "red flag", date, date.plusDays(HOLD_DAYS), Optional.empty(), "made up"));
        }
        if (visits.size() % 2 == 0) {
            measure(day, standing(date));
        }
        Standing standing = sign(standing(date));
        DayOfWork today = DayOfWork.of(Optional.of(said), asked, standing, work());
        planning.takeUp(standing, work());
        Proposals proposals = new Proposals(standing, work(), today, planning.prescribed());
        List<Proposal> proposed = stops ? List.of() : propose(proposals);
        List<SetDone> done = new ArrayList<>();
        for (Proposal proposal : proposed) {
            proposal.toDo().ifPresent(toDo -> done.addAll(patient.does(toDo, date, proposals.pain())));
        }
        sets.addAll(done);
        if (!done.isEmpty()) {
            responses.put(date, patient.answers(date, said.painNow()));
        }
        visits.add(new SimulatedVisit(date, said, standing, today, proposed, done, VisitAdvice.of(standing), stops));
    }

    private Standing standing(LocalDate date) {
        Evidence evidence = new Evidence(new Readings(readings), attested, work().sessions());
        return rules.with(History.of(Side.RIGHT, evidence, signed, holds)).on(date, date, Outlook.TIME_ONLY);
    }

    /** A clinician clears a hold after a week. */
    private void endHold(LocalDate date) {
        holds.replaceAll(hold -> hold.ended().isEmpty() && !date.isBefore(hold.review())
                ? new Hold(hold.kind(), hold.why(), hold.from(), hold.review(), Optional.of(date), hold.by())
                : hold);
    }

    private CheckIn checkIn(int day, LocalDate date) {
        boolean first = day >= flagDay && holds.isEmpty();
        Set<String> flags = first
                ? asked.stream()
                        .filter(flag -> flag.tier() == Tier.SAME_DAY)
                        .limit(1)
                        .map(RedFlag::id)
                        .collect(Collectors.toSet())
                : Set.of();
        Optional<Response> last =
                Optional.ofNullable(responses.lowerEntry(date)).map(Map.Entry::getValue);
        int pain = random.nextInt(2);
        return new CheckIn(
                Math.min(pain, mostPain()),
                last.flatMap(Response::after),
                last.flatMap(Response::nextMorning),
                last.map(Response::swollen).orElse(false) ? CheckIn.Swelling.MORE : CheckIn.Swelling.NONE,
                flags);
    }

    /** Who may have no pain at all in a set does not arrive with some. */
    private int mostPain() {
        return rules.resolved().pain().map(pain -> pain.rule().most()).orElse(1);
    }

    private void measure(int day, Standing standing) {
        Set<String> notSafe = standing.milestones().stream()
                .flatMap(Milestone::single)
                .filter(milestone -> milestone.state() == MilestoneState.TEST_NOT_SAFE_YET)
                .flatMap(milestone -> milestone.criterion().measures())
                .map(Measure::id)
                .collect(Collectors.toSet());
        readings.addAll(hidden.readings(standing.day(), Side.RIGHT, notSafe));
        homeSessions(standing);
        for (Criterion criterion : protocol.criteria()) {
            attest(criterion, day, standing.date());
        }
    }

    private void homeSessions(Standing standing) {
        protocol.followUp().home().stream()
                .filter(stretch -> !standing.day().isBefore(stretch.from().from(dayZero)))
                .reduce((earlier, later) -> later)
                .ifPresent(stretch -> {
                    Measure home = bundle.measure(VisitAdvice.HOME_SESSIONS);
                    double done = Math.floor(stretch.often().perWeek() * patient.homePercent() / 100);
                    readings.add(Reading.usual(
                            home, Side.RIGHT, Mode.ACTIVE, home.amount(done), standing.date(), true, "made up"));
                });
    }

    private void attest(Criterion criterion, int day, LocalDate date) {
        if (criterion instanceof Criterion.Several several) {
            several.parts().stream()
                    .filter(Criterion.Attested.class::isInstance)
                    .filter(part -> hidden.isReady(criterion, day))
                    .forEach(part -> attested.add(new Attestation(part.id(), date, "made up")));
        } else if (criterion instanceof Criterion.Attested && hidden.isReady(criterion, day)) {
            attested.add(new Attestation(criterion.id(), date, "made up"));
        }
    }

    /** Signs the next phase when time and milestones allow it. */
    private Standing sign(Standing standing) {
        Optional<NextPhase> next = standing.next().filter(NextPhase::ready);
        if (next.isEmpty()) {
            return standing;
        }
        signed.add(new SignedPhase(next.get().phase().id(), standing.date()));
        return standing(standing.date());
    }

    private List<Proposal> propose(Proposals proposals) {
        List<Proposal> proposed = new ArrayList<>();
        for (Map.Entry<String, RoleKey> item : planning.plan().entrySet()) {
            Proposal proposal = proposals.of(item.getValue());
            proposed.add(proposal);
            if (proposal instanceof Proposal.Do toDo) {
                item.setValue(toDo.role());
            }
        }
        return proposed;
    }
}
