package waypost.core.resolved;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
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
import waypost.core.protocol.Included;
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

    /** Questions without whose answer nothing opens, as far as they are open. */
    private final List<String> decisive;

    /** Whether an answer that is still possible is one for which the protocol is not meant. */
    private final boolean leadsOutside;

    private Resolver(Protocol protocol, Answers answers, Clocks clocks) {
        this.protocol = protocol;
        this.answers = answers;
        this.clocks = clocks;
        Map<String, Set<String>> known = new HashMap<>();
        this.possible = id -> known.computeIfAbsent(id, key -> answers.possible(protocol.question(key)));
        this.provenances = new Provenances(protocol, answers);
        List<Question> outside = protocol.questions().stream()
                .filter(question -> question.leadsOutside(possible.apply(question.id())))
                .filter(question -> question.asked().canHold(possible))
                .toList();
        this.leadsOutside = !outside.isEmpty();
        this.decisive = protocol.questions().stream()
                .filter(question -> question.isDecisive() || outside.contains(question))
                .filter(question ->
                        answers.leavesOpen(question) && question.asked().canHold(possible))
                .map(Question::id)
                .toList();
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
        return starts(limit.head()).stream()
                .map(start -> new InForce<>(
                        limit, limit.schedule().on(clocks, start), provenances.of(limit.head()), List.of()))
                .toList();
    }

    private List<LocalDate> starts(RuleHead head) {
        return clocks.startsOf(head.clock(), head.anew());
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
                .flatMap(duty -> starts(duty.head()).stream()
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
                for (LocalDate start : starts(rule.head())) {
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
        Stream<OpeningInForce.Needed> own =
                opening.cases().stream().filter(this::mayApply).map(c -> needed(opening, c, Optional.empty()));
        Stream<OpeningInForce.Needed> ofParts = opening.parts().stream()
                .flatMap(said -> said.cases().stream()
                        .filter(this::mayApply)
                        .map(c -> needed(opening, c, Optional.of(said.part()))));
        return new OpeningInForce(
                Optional.of(opening), Stream.concat(own, ofParts).toList(), unsaid(opening), List.of());
    }

    private boolean mayApply(Opening.Case written) {
        return written.when().canHold(possible);
    }

    private List<OpeningInForce.Unsaid> unsaid(Opening opening) {
        List<OpeningInForce.Unsaid> unsaid = new ArrayList<>();
        Optional<List<String>> open = leftOpen(Condition.ALWAYS, opening.cases());
        if (open.isPresent() || !decisive.isEmpty() || leadsOutside) {
            unsaid.add(new OpeningInForce.Unsaid(
                    protocol.face(),
                    Stream.concat(decisive.stream(), open.stream().flatMap(List::stream))
                            .distinct()
                            .toList()));
        }
        for (Opening.OfPart said : opening.parts()) {
            leftOpen(said.part().when(), said.cases())
                    .map(questions -> new OpeningInForce.Unsaid(said.part().face(), questions))
                    .ifPresent(unsaid::add);
        }
        return unsaid;
    }

    private Optional<List<String>> leftOpen(Condition where, List<Opening.Case> cases) {
        return new Coverage(where, cases.stream().map(Opening.Case::when).toList()).leftOpenBy(possible);
    }

    private OpeningInForce.Needed needed(Opening opening, Opening.Case written, Optional<Included> part) {
        List<LocalDate> starts = clocks.startsOf(
                written.clock(),
                part.filter(of -> written.clock().isEmpty()).map(Included::anew).orElse(Set.of()));
        Optional<LocalDate> latest = starts.isEmpty() ? Optional.empty() : Optional.of(starts.get(starts.size() - 1));
        Condition when = written.when();
        return new OpeningInForce.Needed(
                latest.map(start -> clocks.day(written.from(), start)),
                latest.flatMap(start -> written.until().map(moment -> clocks.day(moment, start))),
                written,
                written.phase().map(protocol::phase),
                written.needs().stream().map(protocol::criterion).toList(),
                latest.flatMap(start -> written.regardless().map(moment -> clocks.day(moment, start))),
                provenances.of(RuleHead.of("opening." + opening.role(), "Opening")
                        .when(when)
                        .ofPart(part.map(Included::face).orElse(""))));
    }
}
