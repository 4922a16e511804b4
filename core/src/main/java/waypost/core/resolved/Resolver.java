package waypost.core.resolved;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.body.Region;
import waypost.core.exercise.RoleKey;
import waypost.core.limit.Allowed;
import waypost.core.limit.Limit;
import waypost.core.limit.RuleHead;
import waypost.core.log.Decisions;
import waypost.core.protocol.Duty;
import waypost.core.protocol.Opening;
import waypost.core.protocol.PainRule;
import waypost.core.protocol.Protocol;
import waypost.core.protocol.Scope;
import waypost.core.protocol.SetUp;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
import waypost.core.question.Question;
import waypost.core.time.Clocks;
import waypost.core.time.Steps;

/** Merges a protocol with the answers, clocks and decisions of one course. */
public final class Resolver {

    private final Protocol protocol;
    private final Answers answers;
    private final Clocks clocks;
    private final Function<String, Set<String>> possible;
    private final Provenances provenances;

    private Resolver(Protocol protocol, Answers answers, Clocks clocks) {
        this.protocol = protocol;
        this.answers = answers;
        this.clocks = clocks;
        this.possible = id -> answers.possible(protocol.question(id));
        this.provenances = new Provenances(protocol, answers);
    }

    /** The rules in force for a course on its own clock alone, without orders. */
    public static Resolved resolve(Protocol protocol, Answers answers, LocalDate dayZero) {
        return resolve(protocol, answers, Clocks.startingOn(dayZero), Decisions.NONE);
    }

    /** The rules in force for this course. A rule stays if some combination of possible answers makes it apply. */
    public static Resolved resolve(Protocol protocol, Answers answers, Clocks clocks, Decisions decisions) {
        answers.checkAgainst(protocol.questions());
        Resolver resolver = new Resolver(protocol, answers, clocks);
        Resolved written = new Resolved(
                protocol,
                answers,
                clocks,
                decisions,
                resolver.region(),
                resolver.limits(),
                resolver.openings(),
                resolver.duties(),
                resolver.setUps(),
                resolver.pain());
        return new Ordering(written).applied();
    }

    private Region region() {
        Region region = protocol.scope().region();
        for (Scope.Besides besides : protocol.scope().besides()) {
            if (besides.when().canHold(possible)) {
                region = region.with(besides.region());
            }
        }
        return region;
    }

    private boolean mayApply(RuleHead head) {
        return head.when().canHold(possible);
    }

    private List<InForce<?>> limits() {
        List<InForce<?>> limits = new ArrayList<>();
        for (Limit<?> limit : protocol.limits()) {
            if (mayApply(limit.head())) {
                limits.addAll(onEachStart(limit));
            }
        }
        return limits;
    }

    /** A limit on another clock holds anew from every start of that clock. */
    private <T> List<InForce<T>> onEachStart(Limit<T> limit) {
        return clocks.startsOf(limit.head().clock()).stream()
                .map(start -> new InForce<>(
                        limit, limit.schedule().on(clocks, start), provenances.of(limit.head()), List.of()))
                .toList();
    }

    private List<Resolved.DutyInForce> duties() {
        Map<String, List<Duty>> byItem = new LinkedHashMap<>();
        for (Duty duty : protocol.duties()) {
            if (mayApply(duty.head())) {
                String item = duty instanceof Duty.Wear wear
                        ? "wear " + wear.item()
                        : "duty " + duty.head().id();
                byItem.computeIfAbsent(item, key -> new ArrayList<>()).add(duty);
            }
        }
        return byItem.values().stream().flatMap(rules -> bound(rules).stream()).toList();
    }

    private List<Resolved.DutyInForce> bound(List<Duty> rules) {
        Settled<Duty> settled = Settled.of(
                rules, duty -> duty.head().when(), duty -> duty instanceof Duty.Wear wear && wear.whenUnknown());
        return settled.rules().stream()
                .flatMap(duty -> clocks.startsOf(duty.head().clock()).stream()
                        .map(start -> new Resolved.DutyInForce(
                                duty, provenances.of(duty.head()), start, settled.unclear(), List.of())))
                .toList();
    }

    private List<Resolved.SetUpInForce> setUps() {
        Map<String, List<SetUp>> byConcern = protocol.rules().setUps().stream()
                .filter(setUp -> mayApply(setUp.head()))
                .collect(Collectors.groupingBy(SetUp::concern, LinkedHashMap::new, Collectors.toList()));
        List<Resolved.SetUpInForce> setUps = new ArrayList<>();
        for (List<SetUp> rules : byConcern.values()) {
            Settled<SetUp> settled = Settled.of(rules, rule -> rule.head().when(), SetUp::whenUnknown);
            for (SetUp rule : settled.rules()) {
                for (LocalDate start : clocks.startsOf(rule.head().clock())) {
                    Steps<Allowed<String>> steps = rule.schedule().on(clocks, start);
                    setUps.add(new Resolved.SetUpInForce(rule, steps, provenances.of(rule.head()), settled.unclear()));
                }
            }
        }
        return setUps;
    }

    /** The least pain that a rule which may apply allows. */
    private Optional<Resolved.PainInForce> pain() {
        return protocol.rules().pain().stream()
                .filter(rule -> mayApply(rule.head()))
                .min(Comparator.comparingInt(PainRule::most))
                .map(rule -> new Resolved.PainInForce(rule, provenances.of(rule.head())));
    }

    private Map<RoleKey, OpeningInForce> openings() {
        return protocol.openings().stream().collect(Collectors.toMap(Opening::role, this::opening));
    }

    private OpeningInForce opening(Opening opening) {
        List<OpeningInForce.Needed> needed = opening.cases().stream()
                .filter(c -> c.when().canHold(possible))
                .map(c -> needed(opening, c))
                .toList();
        List<String> uncovered =
                new Coverage(opening.cases().stream().map(Opening.Case::when).toList()).leftOpenBy(possible);
        List<String> unanswered =
                Stream.concat(decisive(), uncovered.stream()).distinct().toList();
        return new OpeningInForce(Optional.of(opening), needed, unanswered, List.of());
    }

    private Stream<String> decisive() {
        return protocol.questions().stream()
                .filter(question -> question.isDecisive() && answers.leavesOpen(question))
                .map(Question::id);
    }

    private OpeningInForce.Needed needed(Opening opening, Opening.Case written) {
        List<LocalDate> starts = clocks.startsOf(written.clock());
        Optional<LocalDate> latest = starts.isEmpty() ? Optional.empty() : Optional.of(starts.get(starts.size() - 1));
        Condition when = written.when();
        return new OpeningInForce.Needed(
                latest.map(start -> clocks.day(written.from(), start)),
                latest.flatMap(start -> written.until().map(moment -> clocks.day(moment, start))),
                written,
                written.phase().map(protocol::phase),
                written.needs().stream().map(protocol::criterion).toList(),
                latest.flatMap(start -> written.regardless().map(moment -> clocks.day(moment, start))),
                provenances.of(
                        RuleHead.of("opening." + opening.role(), "Opening").when(when)));
    }
}
