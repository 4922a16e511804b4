package waypost.core.course;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.criterion.Criterion;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.DayGate;
import waypost.core.gate.Facts;
import waypost.core.gate.Judged;
import waypost.core.gate.Verdict;
import waypost.core.limit.MotionLimit;
import waypost.core.log.Hold;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.milestone.Milestone;
import waypost.core.milestone.TestSafety;
import waypost.core.protocol.HoldRule;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Phase;
import waypost.core.resolved.InForce;
import waypost.core.time.CourseDay;

/**
 * Where a course stands on a date: the four answers.
 *
 * @param gate judges for this course and the person's others on this date
 * @param planned whether this looks ahead as if all went to plan
 */
public record Standing(
        Course course, LocalDate date, DayGate gate, List<Milestone> milestones, Judged judged, boolean planned) {

    /** Nobody's exercise: what is only moved, to ask what is left. */
    private static final RoleKey LIGHTLY = new RoleKey("moved-lightly", "operated");

    public Standing {
        milestones = List.copyOf(milestones);
    }

    /** The verdicts on the whole library, in its order. */
    public List<Verdict> verdicts() {
        return judged.all();
    }

    /** What is known of this course. */
    public Facts facts() {
        return gate.facts();
    }

    public CourseDay day() {
        return facts().day();
    }

    public Phase phase() {
        return facts().phase();
    }

    /** The limits that take something away on this day. */
    public List<Precaution<?>> precautions() {
        List<Precaution<?>> precautions = new ArrayList<>();
        for (InForce<?> limit : course.resolved().limits()) {
            precaution(limit).ifPresent(precautions::add);
        }
        return precautions;
    }

    /** The precautions without those that a stricter one on the same thing covers: the strictest rule wins. */
    public List<Precaution<?>> strictestPrecautions() {
        List<Precaution<?>> strictest = new ArrayList<>();
        for (Precaution<?> precaution : precautions()) {
            if (strictest.stream().noneMatch(precaution::isCoveredBy)) {
                strictest.removeIf(kept -> kept.isCoveredBy(precaution));
                strictest.add(precaution);
            }
        }
        return strictest;
    }

    private <T> Optional<Precaution<T>> precaution(InForce<T> limit) {
        return limit.restrictionOn(day(), facts().met()).map(step -> new Precaution<>(limit, step));
    }

    /**
     * What the motion limits in force leave of the axis for the movement at this place of a role: all that a living joint
     * can do where none looks at it, empty where they leave nothing.
     */
    public Optional<Arc> allowedArc(Role role, int at) {
        Motion motion = ((Demand.Movement) role.demands().get(at)).motion();
        Optional<Arc> allowed = Optional.of(motion.possible());
        for (Precaution<?> precaution : precautions()) {
            if (precaution.limit().limit() instanceof MotionLimit limit
                    && limit.concerns(role, at)
                    && !limit.excepts(role)) {
                Optional<Arc> bound = precaution.step().value().most().map(Arc.class::cast);
                allowed = allowed.flatMap(arc -> bound.flatMap(arc::intersect));
            }
        }
        return allowed;
    }

    /** What they leave of an axis that is moved lightly in these modes, whichever way it works. */
    public Arc allowedArc(Motion motion, Chain chain, Mode... modes) {
        return Stream.of(modes)
                .flatMap(mode -> Stream.of(Direction.values())
                        .map(working -> Demand.Movement.lightly(motion, motion.possible(), working, mode, chain)))
                .map(movement -> Role.of(LIGHTLY, "", List.of(movement), Reducible.NOTHING))
                .flatMap(role -> allowedArc(role, 0).stream())
                .reduce(motion.possible(), (so, each) -> so.intersect(each).orElse(so));
    }

    /** What stands between this phase and the next; empty in the last phase. */
    public Optional<NextPhase> next() {
        return course.resolved().protocol().after(phase()).map(next -> {
            CourseDay earliest = next.earliest().from(course.resolved().dayZero());
            List<Milestone> needed = milestones.stream()
                    .filter(m -> phase().leave().contains(m.criterion().id()))
                    .toList();
            return new NextPhase(next, earliest, !day().isBefore(earliest), needed);
        });
    }

    /** Strict readings of the operated side since day 0, oldest first: what was before surgery is no part of a trend. */
    public List<Reading> sinceDayZero(Measure measure, Mode mode) {
        LocalDate dayZero = course.resolved().dayZero();
        return facts().readings().strict(measure.id(), facts().side(), mode).stream()
                .filter(reading -> !reading.date().isBefore(dayZero))
                .toList();
    }

    /** The duties that bind on this day, and holds that have lasted too long. */
    public List<DutyStatus> duties() {
        List<DutyStatus> duties = new ArrayList<>(new Duties(course.resolved()).on(this));
        for (Hold hold : facts().holds()) {
            course.holdRules(hold).flatMap(rule -> tooLong(hold, rule).stream()).forEach(duties::add);
        }
        return duties;
    }

    private Optional<DutyStatus> tooLong(Hold hold, HoldRule rule) {
        if (rule.longestDays().isEmpty()) {
            return Optional.empty();
        }
        LocalDate since = hold.from().plusDays(rule.longestDays().getAsInt());
        return date.isBefore(since) ? Optional.empty() : Optional.of(new DutyStatus.HeldTooLong(hold, rule, since));
    }

    /** The milestone of this id. */
    public Milestone milestone(String criterion) {
        return milestones.stream()
                .filter(m -> m.criterion().id().equals(criterion))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("milestone: found '" + criterion + "', allowed: "
                        + String.join(
                                ", ",
                                milestones.stream().map(m -> m.criterion().id()).toList())));
    }

    /** A criterion that need not be the protocol's own, as it stands today. */
    public Milestone reviewed(Criterion criterion) {
        return TestSafety.of(gate, course.activities()).checked(reviewed(criterion, facts().known()));
    }

    /** The same with what was known on an earlier date. */
    public Milestone reviewed(Criterion criterion, LocalDate known) {
        return course.knowledge().reviewed(List.of(criterion), known).get(0);
    }

    /** Roles whose purpose is reached: their off switch is on until one of its criteria is lost again. */
    public List<RoleKey> switchedOff() {
        return course.resolved().protocol().openings().stream()
                .filter(opening -> !opening.offWhen().isEmpty()
                        && opening.offWhen().stream()
                                .allMatch(id -> milestone(id).isMet()))
                .map(Opening::role)
                .toList();
    }

    /** The holds of any course of the person that stop all work: an emergency or a same-day flag. */
    public List<Hold> stops() {
        return Stream.concat(
                        facts().holds().stream(),
                        gate.others().stream().flatMap(other -> other.facts().holds().stream()))
                .filter(Hold::stopsEverything)
                .toList();
    }

    /** The verdict on one role. */
    public Verdict verdict(RoleKey role) {
        return gate.judge(role);
    }

    /** The verdict on a role that asks more or less than it is written with, such as a heavier load. */
    public Verdict verdict(Role asked) {
        return gate.judge(asked);
    }

    /** The verdict on a role that the other side does alone. */
    public Verdict onOtherSide(RoleKey role) {
        return gate.judgeOnOtherSide(role);
    }

    /** The first later day on which time alone opens the role. */
    public Optional<CourseDay> opensByTime(RoleKey role) {
        return gate.opensByTime(role);
    }

    /** Roles that are open here and were not in {@code before}. */
    public List<RoleKey> openedSince(Standing before) {
        Set<RoleKey> opened = new HashSet<>(before.open());
        return open().stream().filter(role -> !opened.contains(role)).toList();
    }

    private List<RoleKey> open() {
        return verdicts().stream()
                .filter(v -> v.kind().isOpen())
                .map(Verdict::role)
                .toList();
    }
}
