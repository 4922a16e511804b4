package waypost.core.gate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import waypost.core.body.Arc;
import waypost.core.criterion.Criterion;
import waypost.core.demand.Demand;
import waypost.core.demand.Demand.Movement;
import waypost.core.exercise.Role;
import waypost.core.log.Hold;
import waypost.core.reason.NotYet;
import waypost.core.reason.Reason;
import waypost.core.reason.Uncovered;
import waypost.core.resolved.OpeningInForce;
import waypost.core.resolved.OpeningInForce.Needed;
import waypost.core.resolved.Resolved;
import waypost.core.time.CourseDay;

/** Everything in force that looks at one role of one course. */
final class RoleGate {

    /** What is in force for a whole library. */
    record InCourse(Resolved resolved, LimitsInForce limits, RangeNeeded ranges) {}

    private final RoleRules rules;
    private final InCourse course;
    private final List<Resolved.SetUpInForce> setUps;
    private final @Nullable OpeningInForce opening;
    private final List<Reason> notCovered;

    /** Keeps what the rules say of a role of the library; empty for one that is asked about once. */
    private final @Nullable Stretches kept;

    RoleGate(RoleRules rules, InCourse course) {
        Resolved resolved = course.resolved();
        Role role = rules.role();
        this.rules = rules;
        this.course = course;
        this.opening = resolved.openings().get(role.key());
        this.notCovered = notCovered(resolved.protocol().face(), opening);
        this.setUps = resolved.setUpsOf(role.key().activity());
        this.kept =
                rules.isOfLibrary() ? Stretches.of(rules.underLimits().turns(course.limits()), setUps, opening) : null;
    }

    private static List<Reason> notCovered(String protocol, @Nullable OpeningInForce opening) {
        if (opening == null || opening.opening().isEmpty()) {
            return List.of(new Uncovered.NotCovered(protocol, List.of()));
        }
        return opening.unsaid().stream()
                .<Reason>map(unsaid -> new Uncovered.NotCovered(unsaid.face(), unsaid.unanswered()))
                .toList();
    }

    RoleRules rules() {
        return rules;
    }

    Role role() {
        return rules.role();
    }

    Verdict judge(Facts facts, Covering.Today covering) {
        Said said = kept == null ? said(facts, 0) : kept.on(facts, this::said);
        boolean mindsRange = rules.needsRange() && !facts.assumeRange();
        List<Demand> uncovered = rules.toCover().isEmpty() ? List.of() : covering.uncovered(rules.toCover());
        if (!mindsRange && facts.isQuiet() && uncovered.isEmpty()) {
            return said.alone();
        }
        List<Reason> reasons = new ArrayList<>(4);
        addStops(facts, reasons);
        if (rules.asksOfRegion()) {
            reasons.addAll(facts.afterHolds());
        }
        if (!uncovered.isEmpty()) {
            reasons.add(rules.spokenFor() ? new Uncovered.AsksMore(uncovered) : new Uncovered.AsksBesides(uncovered));
        }
        reasons.addAll(said.opening());
        reasons.addAll(said.rules());
        Role possible = mindsRange ? withinRange(said.allowed(), facts, reasons) : said.allowed();
        return verdict(reasons, possible);
    }

    private Said said(Facts facts, long met) {
        List<Reason> openingSays = new ArrayList<>(2);
        if (rules.spokenFor()) {
            addOpening(facts, openingSays);
        }
        List<Reason> limitsSay = new ArrayList<>(2);
        for (Resolved.SetUpInForce setUp : setUps) {
            addSetUp(setUp, facts, limitsSay);
        }
        Role allowed = underLimits(facts, limitsSay);
        List<Reason> all = new ArrayList<>(openingSays);
        all.addAll(limitsSay);
        return new Said(facts.phase(), met, openingSays, limitsSay, allowed, verdict(all, allowed));
    }

    private Role underLimits(Facts facts, List<Reason> reasons) {
        return rules.underLimits().cut(new LimitsOnDay(course.limits(), facts), reasons);
    }

    private Verdict verdict(List<Reason> reasons, Role possible) {
        Role role = rules.role();
        return Verdict.of(
                role.key(),
                reasons,
                possible == role || possible.equals(role) ? Optional.empty() : Optional.of(possible));
    }

    /** A hold stops what asks something of the region; a red flag stops everything that the person does. */
    private void addStops(Facts facts, List<Reason> reasons) {
        for (Hold hold : facts.holds()) {
            if (rules.asksOfRegion() || hold.stopsEverything()) {
                reasons.add(new Reason.OnHold(hold));
            }
        }
        if (rules.mindsEvents()) {
            facts.unlooked().forEach(event -> reasons.add(new Reason.NotLookedAfter(event)));
        }
    }

    /** What stops it whatever it asks: holds, and events that nobody looked after. */
    List<Reason> stops(Facts facts) {
        List<Reason> reasons = new ArrayList<>();
        addStops(facts, reasons);
        return reasons;
    }

    /** What is said of a limb that only lies or carries while the other side exercises. */
    Verdict judgeMeanwhile(Facts facts, boolean covered) {
        List<Reason> reasons = new ArrayList<>(4);
        addStops(facts, reasons);
        if (rules.spokenFor() && !covered) {
            reasons.add(new Uncovered.NotCovered(course.resolved().protocol().face(), List.of()));
        }
        underLimits(facts, reasons);
        return Verdict.of(rules.role().key(), reasons, Optional.empty());
    }

    private void addOpening(Facts facts, List<Reason> reasons) {
        if (opening != null && opening.isOrderedOn(facts.day())) {
            return;
        }
        reasons.addAll(notCovered);
        if (opening == null || !opening.isCovered()) {
            return;
        }
        for (Needed needed : opening.needed()) {
            addNeeded(needed, facts, reasons);
        }
    }

    private void addNeeded(Needed needed, Facts facts, List<Reason> reasons) {
        String written = needed.written().from().toString();
        if (needed.from().isEmpty()) {
            reasons.add(
                    new NotYet.ClockNotStarted(needed.rule(), needed.written().clock(), written));
        } else if (facts.day().isBefore(needed.from().get())) {
            reasons.add(new NotYet.BeforeDay(needed.rule(), needed.from().get(), written));
        }
        if (needed.until().isPresent() && !facts.day().isBefore(needed.until().get())) {
            reasons.add(new Uncovered.Over(needed.rule(), needed.until().get()));
        }
        if (needed.phase().isPresent()
                && !course.resolved()
                        .protocol()
                        .hasReached(facts.phase().id(), needed.phase().get().id())) {
            reasons.add(new NotYet.PhaseNotSigned(needed.rule(), needed.phase().get(), facts.phase()));
        }
        for (Criterion criterion : needed.criteria()) {
            boolean lapses = !criterion.neverLapses();
            if (!facts.met().contains(criterion.id()) && !(lapses && isRegardless(needed, facts.day()))) {
                Optional<CourseDay> regardless = lapses ? needed.regardless() : Optional.empty();
                reasons.add(new NotYet.MilestoneNotMet(needed.rule(), criterion, regardless));
            }
        }
    }

    private static boolean isRegardless(Needed needed, CourseDay day) {
        return needed.regardless().isPresent()
                && !day.isBefore(needed.regardless().get());
    }

    private static void addSetUp(Resolved.SetUpInForce setUp, Facts facts, List<Reason> reasons) {
        setUp.steps()
                .on(facts.day(), facts.met())
                .ifPresent(step -> step.value()
                        .most()
                        .map(way -> setUp.unclear()
                                ? new Uncovered.SetUpUnclear(setUp.from(), way)
                                : new Reason.SetUpNeeded(setUp.from(), way, step.until()))
                        .ifPresent(reasons::add));
    }

    /** Adds what speaks against it for want of range; gives the role cut down to the range that is there. */
    private Role withinRange(Role allowed, Facts facts, List<Reason> reasons) {
        Role now = allowed;
        for (int at = 0; at < allowed.demands().size(); at++) {
            Demand demand = allowed.demands().get(at);
            if (demand instanceof Movement movement
                    && movement.concerns(course.resolved().region())) {
                Optional<Reason> objection = course.ranges().objection(movement, facts, allowed.reducible());
                objection.ifPresent(reasons::add);
                if (objection.isPresent() && objection.get() instanceof Reason.RangeShort range && range.reducible()) {
                    Arc there = new Arc(
                            movement.arc().least(),
                            range.found().min(movement.arc().most()));
                    now = now.replacing(at, movement.within(there));
                }
            }
        }
        return now;
    }
}
