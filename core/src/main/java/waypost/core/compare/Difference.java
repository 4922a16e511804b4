package waypost.core.compare;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import waypost.core.course.DutyStatus;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.milestone.Milestone;

/**
 * What is otherwise in one standing than in another: of one course on two days, before and after an answer, an order or a
 * reading, or of two protocols on one day.
 *
 * @param verdicts roles that are judged otherwise, in the library's order
 * @param precautions limits that leave something else
 * @param milestones criteria whose state is another; one side is empty where only the other protocol has it
 * @param dutiesBegun duties that bind only afterwards, or are late only afterwards
 * @param dutiesEnded duties that bind only before
 */
public record Difference(
        Standing before,
        Standing after,
        List<Turned> verdicts,
        List<Restricted> precautions,
        List<MilestoneTurned> milestones,
        List<DutyStatus> dutiesBegun,
        List<DutyStatus> dutiesEnded) {

    /** A milestone in another state. */
    public record MilestoneTurned(Optional<Milestone> before, Optional<Milestone> after) {}

    public Difference {
        verdicts = List.copyOf(verdicts);
        precautions = List.copyOf(precautions);
        milestones = List.copyOf(milestones);
        dutiesBegun = List.copyOf(dutiesBegun);
        dutiesEnded = List.copyOf(dutiesEnded);
    }

    public static Difference between(Standing before, Standing after) {
        return new Difference(
                before,
                after,
                turned(before, after),
                Restricted.between(before.strictestPrecautions(), after.strictestPrecautions()),
                milestones(before, after),
                notAlike(after.duties(), before.duties()),
                gone(before.duties(), after.duties()));
    }

    /** The roles that turned one way. */
    public List<Turned> turned(Turned.Way way) {
        return verdicts.stream().filter(turned -> turned.way() == way).toList();
    }

    /** Whether the phase is another one. */
    public boolean otherPhase() {
        return !before.phase().equals(after.phase());
    }

    public boolean isNothing() {
        return verdicts.isEmpty()
                && precautions.isEmpty()
                && milestones.isEmpty()
                && dutiesBegun.isEmpty()
                && dutiesEnded.isEmpty()
                && !otherPhase();
    }

    /** The roles that are judged otherwise, in the library's order, for those who need no more than that. */
    public static List<Turned> turned(Standing before, Standing after) {
        Map<RoleKey, Verdict> then = new LinkedHashMap<>();
        before.verdicts().forEach(verdict -> then.put(verdict.role(), verdict));
        List<Turned> turned = new ArrayList<>();
        for (Verdict verdict : after.verdicts()) {
            Verdict earlier = then.get(verdict.role());
            if (earlier != null && Turned.differ(earlier, verdict)) {
                turned.add(new Turned(verdict.role(), earlier, verdict));
            }
        }
        return turned;
    }

    private static List<MilestoneTurned> milestones(Standing before, Standing after) {
        Map<String, Milestone> then = byId(before.milestones());
        Map<String, Milestone> now = byId(after.milestones());
        Set<String> ids = new TreeSet<>(then.keySet());
        ids.addAll(now.keySet());
        return ids.stream()
                .map(id -> new MilestoneTurned(Optional.ofNullable(then.get(id)), Optional.ofNullable(now.get(id))))
                .filter(turned -> !turned.before()
                        .map(Milestone::state)
                        .equals(turned.after().map(Milestone::state)))
                .toList();
    }

    private static Map<String, Milestone> byId(List<Milestone> milestones) {
        return milestones.stream()
                .collect(Collectors.toMap(milestone -> milestone.criterion().id(), Function.identity()));
    }

    private static List<DutyStatus> notAlike(List<DutyStatus> these, List<DutyStatus> others) {
        return these.stream()
                .filter(duty -> others.stream().noneMatch(other -> alike(duty, other)))
                .toList();
    }

    private static List<DutyStatus> gone(List<DutyStatus> these, List<DutyStatus> others) {
        return these.stream()
                .filter(duty ->
                        others.stream().noneMatch(other -> other.ruleId().equals(duty.ruleId())))
                .toList();
    }

    private static boolean alike(DutyStatus one, DutyStatus other) {
        boolean sameRule = one.ruleId().equals(other.ruleId()) && one.overdue() == other.overdue();
        return sameRule && one.conflict() == other.conflict() && setting(one).equals(setting(other));
    }

    private static String setting(DutyStatus duty) {
        return duty instanceof DutyStatus.Worn worn ? worn.setting() : "";
    }
}
