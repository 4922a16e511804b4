package waypost.core.gate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.reason.Reason;
import waypost.core.reason.VerdictKind;
import waypost.core.time.CourseDay;

/**
 * Judges roles for one course of a person on one day, beside the person's other courses: what one closes no other opens,
 * and each reason from elsewhere names its course.
 *
 * @param others the other courses, each with what is known of it on the same date
 */
public record DayGate(Gate gate, Facts facts, List<Beside> others) {

    /** Cutting for one course may break another's limit; more rounds than this have never ended otherwise. */
    private static final int ROUNDS = 4;

    public DayGate {
        others = List.copyOf(others);
    }

    /** A course that is alone. */
    public static DayGate alone(Gate gate, Facts facts) {
        return new DayGate(gate, facts, List.of());
    }

    /** The verdict on a role of the library as it is written, with every reason. */
    public Verdict judge(RoleKey key) {
        Verdict own = gate.judge(key, facts);
        return others.isEmpty() ? own : together(gate.role(key), own);
    }

    /** The verdict on a role of the library that asks more or less than it is written with, such as a heavier load. */
    public Verdict judge(Role altered) {
        Verdict own = gate.judgeAltered(altered, facts);
        return others.isEmpty() ? own : together(altered, own);
    }

    /**
     * The verdict on what somebody else's hands do to the operated limb: within every limit of every course that runs, and
     * nothing pressed or worked that nothing open here today asks as much. It is never cut down.
     */
    public Verdict judgeByHand(Role treated) {
        List<Reason> reasons = new ArrayList<>(gate.judgeByHand(treated, facts).reasons());
        for (Beside other : others) {
            other.objectionsByHand(treated).stream()
                    .map(reason -> new Reason.InOtherCourse(other.course(), reason))
                    .forEach(reasons::add);
        }
        return Verdict.of(treated.key(), reasons, Optional.empty());
    }

    /**
     * The verdict on an exercise that the other side does alone, in the operated limb's place: what that does meanwhile is
     * within its limits, and no more than something open here today asks; what runs or lands has to be open to it itself. For
     * another course of the same person it is done on that side. It is never cut down.
     */
    public Verdict judgeOnOtherSide(RoleKey key) {
        Role asked = gate.role(key);
        List<Reason> reasons =
                new ArrayList<>(asked.hasImpact() ? gate.judge(key, facts).reasons() : gate.meanwhile(asked, facts));
        for (Beside other : others) {
            other.turned(gate).objections(gate, asked).stream()
                    .map(reason -> new Reason.InOtherCourse(other.course(), reason))
                    .forEach(reasons::add);
        }
        return Verdict.of(key, reasons, Optional.empty());
    }

    /** Verdicts on the whole library, in its order. */
    public List<Verdict> judgeAll() {
        List<Verdict> alone = gate.judgeAll(facts);
        return others.isEmpty()
                ? alone
                : alone.stream()
                        .map(verdict -> together(gate.role(verdict.role()), verdict))
                        .toList();
    }

    private Verdict together(Role asked, Verdict own) {
        List<Reason> reasons = new ArrayList<>(own.reasons());
        for (Beside other : others) {
            other.objections(gate, asked).stream()
                    .map(reason -> new Reason.InOtherCourse(other.course(), reason))
                    .forEach(reasons::add);
        }
        Verdict all = Verdict.of(asked.key(), reasons, own.reducedTo());
        boolean asItIs =
                own.reducedTo().isEmpty() && reasons.size() == own.reasons().size();
        if (all.kind() != VerdictKind.OPEN_WITH_LIMIT || asItIs) {
            return all;
        }
        Optional<Role> common = common(asked);
        if (common.isEmpty()) {
            reasons.add(
                    new Reason.NoCommonForm(others.stream().map(Beside::course).toList()));
        }
        return Verdict.of(asked.key(), reasons, common.filter(form -> !form.equals(asked)));
    }

    /** A form that every course leaves open as it is; empty when cutting for one ever breaks another's limit. */
    private Optional<Role> common(Role asked) {
        Role form = asked;
        for (int round = 0; round < ROUNDS; round++) {
            Role before = form;
            Optional<Role> cut = cut(form, gate.judgeAltered(form, facts));
            for (Beside other : others) {
                cut = cut.flatMap(now -> other.formOf(gate, now)
                        .map(verdict -> cut(now, verdict))
                        .orElse(Optional.of(now)));
            }
            if (cut.isEmpty()) {
                return Optional.empty();
            }
            form = cut.get();
            if (form.equals(before)) {
                return Optional.of(form).filter(this::isOpenElsewhere);
            }
        }
        return Optional.empty();
    }

    /** What is taken off one leg comes onto the other: the form is asked of every course once more. */
    private boolean isOpenElsewhere(Role form) {
        return others.stream()
                .flatMap(other -> other.objections(gate, form).stream())
                .allMatch(reason -> reason.kind().isOpen());
    }

    private static Optional<Role> cut(Role now, Verdict verdict) {
        return verdict.kind().isOpen() ? verdict.reducedTo().or(() -> Optional.of(now)) : Optional.empty();
    }

    /** The first later day on which time alone opens the role; empty when time does not open it. */
    public Optional<CourseDay> opensByTime(RoleKey role) {
        for (CourseDay day : changePoints().tailSet(facts.day().plusDays(1))) {
            if (on(day).judge(role).kind().isOpen()) {
                return Optional.of(day);
            }
        }
        return Optional.empty();
    }

    /** The days, on this course's count, on which a rule of any of the courses begins, changes or ends. */
    public SortedSet<CourseDay> changePoints() {
        SortedSet<CourseDay> days = new TreeSet<>(gate.changePoints());
        for (Beside other : others) {
            int ahead = facts.day().number() - other.facts().day().number();
            other.changePoints().map(day -> day.plusDays(ahead)).forEach(days::add);
        }
        return days;
    }

    /** The same facts on another day, in every course. */
    private DayGate on(CourseDay day) {
        int later = day.number() - facts.day().number();
        return new DayGate(
                gate,
                facts.on(day),
                others.stream().map(other -> other.later(later)).toList());
    }
}
