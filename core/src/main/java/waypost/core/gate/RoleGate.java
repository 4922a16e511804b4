package waypost.core.gate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import waypost.core.body.Arc;
import waypost.core.body.Region;
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

/** Everything in force that looks at one role, gathered once. */
final class RoleGate {

    /** What is in force for a whole library. */
    record Rules(Resolved resolved, LimitsByDemand limits, RangeNeeded ranges, Covering covering) {}

    private final Role role;
    private final boolean gentle;
    private final Resolved resolved;
    private final RangeNeeded ranges;
    /** What it says asks something of the operated region. */
    private final boolean concerned;

    /** It does, or the protocol speaks of it all the same. */
    private final boolean spokenFor;

    /** What doing it asks of the region beside what it says, other than being held so. */
    private final List<Covering.Ask> besides;

    /** What of that, or of a form that asks more than is written, something open has to ask as well. */
    private final List<Covering.Ask> toCover;

    /** Its place among the roles of the library; of one that is asked about once, none. */
    private final int nth;

    private final UnderLimits underLimits;
    private final List<Resolved.SetUpInForce> setUps;
    private final @Nullable OpeningInForce opening;
    private final List<Reason> notCovered;

    /** It moves something through an arc that needs range to be there. */
    private final boolean needsRange;

    /** Keeps what the rules say of a role of the library; empty for one that is asked about once. */
    private final @Nullable Stretches kept;

    private RoleGate(Role role, boolean gentle, int nth, Rules rules, List<Demand> more) {
        Resolved resolved = rules.resolved();
        this.role = role;
        this.gentle = gentle;
        this.resolved = resolved;
        this.ranges = rules.ranges();
        this.nth = nth;
        this.opening = resolved.openings().get(role.key());
        this.concerned = concerns(role, resolved.region());
        this.spokenFor = opening != null || concerned;
        this.notCovered = notCovered(resolved.protocol().face(), opening);
        this.besides = rules.covering().asksOf(resolved.region(), role.besides().operated());
        this.toCover = spokenFor ? rules.covering().asksOf(resolved.region(), more) : besides;
        this.underLimits = new UnderLimits(role, rules.limits());
        this.setUps = resolved.setUpsOf(role.key().activity());
        this.needsRange = needsRange(role);
        this.kept = nth < 0 ? null : Stretches.of(underLimits.whole(), rules.limits(), setUps, opening);
    }

    private static List<Reason> notCovered(String protocol, @Nullable OpeningInForce opening) {
        if (opening == null || opening.opening().isEmpty()) {
            return List.of(new Uncovered.NotCovered(protocol, List.of()));
        }
        return opening.unsaid().stream()
                .<Reason>map(unsaid -> new Uncovered.NotCovered(unsaid.face(), unsaid.unanswered()))
                .toList();
    }

    private static boolean needsRange(Role role) {
        for (Demand demand : role.demands()) {
            if (demand instanceof Movement movement && movement.needs().isPresent()) {
                return true;
            }
        }
        return false;
    }

    private static boolean concerns(Role role, Region region) {
        for (Demand demand : role.demands()) {
            if (demand.concerns(region)) {
                return true;
            }
        }
        return false;
    }

    /**
     * A role of the library, about which is asked again and again: what the rules say of it is kept.
     *
     * @param gentle whether it stays open after an event that nobody has looked after: carried motion, walking about
     */
    static RoleGate keeping(Role role, boolean gentle, Rules rules) {
        return new RoleGate(role, gentle, rules.covering().size(), rules, List.of());
    }

    /**
     * A role that asks something else than it is written with: everything is worked out anew.
     *
     * @param more what it asks beyond what is written
     */
    static RoleGate once(Role role, boolean gentle, Rules rules, List<Demand> more) {
        return new RoleGate(role, gentle, -1, rules, more);
    }

    int nth() {
        return nth;
    }

    Role role() {
        return role;
    }

    /** Whether whoever does this does all that {@code asked} asks, and the protocol says whether this may be done. */
    boolean vouchesFor(Demand asked) {
        if (!spokenFor) {
            return false;
        }
        for (Demand demand : underLimits.whole().demands()) {
            if (asked.isNoMoreThan(demand)) {
                return true;
            }
        }
        return false;
    }

    Verdict judge(Facts facts, Covering.Today covering) {
        Said said = kept == null ? said(facts, 0) : kept.on(facts, this::said);
        boolean mindsRange = needsRange && !facts.assumeRange();
        List<Demand> uncovered = toCover.isEmpty() ? List.of() : covering.uncovered(toCover);
        if (!mindsRange && facts.isQuiet() && uncovered.isEmpty()) {
            return said.alone();
        }
        List<Reason> reasons = new ArrayList<>(4);
        addStops(facts, reasons);
        if (asksOfRegion()) {
            reasons.addAll(facts.afterHolds());
        }
        if (!uncovered.isEmpty()) {
            reasons.add(spokenFor ? new Uncovered.AsksMore(uncovered) : new Uncovered.AsksBesides(uncovered));
        }
        reasons.addAll(said.opening());
        reasons.addAll(said.rules());
        Role possible = mindsRange ? withinRange(said.allowed(), facts, reasons) : said.allowed();
        return verdict(reasons, possible);
    }

    private Said said(Facts facts, long met) {
        List<Reason> openingSays = new ArrayList<>(2);
        if (spokenFor) {
            addOpening(facts, openingSays);
        }
        List<Reason> rules = new ArrayList<>(2);
        for (Resolved.SetUpInForce setUp : setUps) {
            addSetUp(setUp, facts, rules);
        }
        Role allowed = underLimits.cut(facts, rules);
        List<Reason> all = new ArrayList<>(openingSays);
        all.addAll(rules);
        return new Said(facts.phase(), met, openingSays, rules, allowed, verdict(all, allowed));
    }

    private Verdict verdict(List<Reason> reasons, Role possible) {
        return Verdict.of(
                role.key(),
                reasons,
                possible == role || possible.equals(role) ? Optional.empty() : Optional.of(possible));
    }

    private boolean asksOfRegion() {
        return spokenFor || !besides.isEmpty();
    }

    /** A hold stops what asks something of the region; a red flag stops everything that the person does. */
    private void addStops(Facts facts, List<Reason> reasons) {
        for (Hold hold : facts.holds()) {
            if (asksOfRegion() || hold.stopsEverything()) {
                reasons.add(new Reason.OnHold(hold));
            }
        }
        if ((concerned || !besides.isEmpty()) && !gentle) {
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
        if (spokenFor && !covered) {
            reasons.add(new Uncovered.NotCovered(resolved.protocol().face(), List.of()));
        }
        underLimits.cut(facts, reasons);
        return Verdict.of(role.key(), reasons, Optional.empty());
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
                && !resolved.protocol()
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
            if (demand instanceof Movement movement && movement.concerns(resolved.region())) {
                Optional<Reason> objection = ranges.objection(movement, facts, role.reducible());
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
