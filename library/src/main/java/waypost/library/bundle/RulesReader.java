package waypost.library.bundle;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import waypost.core.criterion.Criterion;
import waypost.core.limit.Limit;
import waypost.core.limit.RuleHead;
import waypost.core.protocol.Duty;
import waypost.core.protocol.HoldRule;
import waypost.core.protocol.Opening;
import waypost.core.protocol.PainRule;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Rules;
import waypost.core.protocol.SetUp;
import waypost.library.text.Entry;

/** Gathers the rules of a protocol's own file, its supplements and its parts. */
final class RulesReader {

    private final List<Limit<?>> limits = new ArrayList<>();
    private final List<Opening> openings = new ArrayList<>();
    private final List<Duty> duties = new ArrayList<>();
    private final List<SetUp> setUps = new ArrayList<>();
    private final List<HoldRule> holds = new ArrayList<>();
    private final List<PainRule> pain = new ArrayList<>();

    /** Adds the rules of a protocol's file or of a supplement's. */
    void add(Entry from, HeadReader heads, List<Phase> phases, List<Criterion> criteria) {
        openings.addAll(from.list("openings", new OpeningReader(heads.conditions(), phases, criteria)::opening));
        holds.addAll(from.list("holds", entry -> DutyReader.holdRule(entry, heads)));
        addApplying(from, heads, criteria);
    }

    /** Adds the rules of a part but for its openings; those that apply under no answer here are left. */
    void addPart(Inclusion inclusion, List<Criterion> criteria) {
        HeadReader heads = HeadReader.of(inclusion);
        holds.addAll(inclusion.top().list("holds", entry -> DutyReader.holdRule(entry, heads)));
        addApplying(inclusion.top(), heads, criteria);
    }

    private void addApplying(Entry from, HeadReader heads, List<Criterion> criteria) {
        DutyReader dutyReader = new DutyReader(heads, criteria);
        from.list("limits", new LimitReader(heads)::limit).stream()
                .filter(limit -> applies(limit.head()))
                .forEach(limits::add);
        from.list("duties", dutyReader::duty).stream()
                .filter(duty -> applies(duty.head()))
                .forEach(duties::add);
        from.list("set-ups", dutyReader::setUp).stream()
                .filter(setUp -> applies(setUp.head()))
                .forEach(setUps::add);
        from.list("pain", dutyReader::painRule).stream()
                .filter(rule -> applies(rule.head()))
                .forEach(pain::add);
    }

    private static boolean applies(RuleHead head) {
        return head.part().isEmpty() || !head.when().isNever();
    }

    List<Limit<?>> limits() {
        return limits;
    }

    List<Opening> openings() {
        return openings;
    }

    List<Duty> duties() {
        return duties;
    }

    List<SetUp> setUps() {
        return setUps;
    }

    /** The clocks on which any of them counts. */
    Stream<String> clocksNamed() {
        return Stream.of(
                        limits.stream().map(l -> l.head().clock()),
                        duties.stream().map(d -> d.head().clock()),
                        setUps.stream().map(s -> s.head().clock()),
                        openings.stream().flatMap(Opening::allCases).map(Opening.Case::clock))
                .flatMap(clocks -> clocks);
    }

    /** Ids of the milestones that any of them needs. */
    Stream<String> criteriaNamed() {
        return Stream.of(
                        limits.stream()
                                .flatMap(limit ->
                                        limit.schedule().entries().stream().flatMap(step -> step.needs().stream())),
                        openings.stream().flatMap(Opening::allCases).flatMap(c -> c.needs().stream()),
                        openings.stream().flatMap(opening -> opening.offWhen().stream()),
                        duties.stream()
                                .filter(Duty.Reach.class::isInstance)
                                .map(duty -> ((Duty.Reach) duty).criterion()))
                .flatMap(ids -> ids);
    }

    /** All of them, the openings with what the parts say. */
    Rules with(List<Opening> complete) {
        return new Rules(limits, complete, duties, setUps, holds, pain);
    }
}
