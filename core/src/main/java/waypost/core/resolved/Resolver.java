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
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import waypost.core.body.Region;
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

/**
 * What of a protocol applies under answers, whatever the dates: worked out once for all courses that are answered alike.
 * A rule stays if some combination of possible answers makes it apply.
 */
public final class Resolver {

    private final Protocol protocol;
    private final Answers answers;
    private final Function<String, Set<String>> possible;
    private final Provenances provenances;

    /** Questions without whose answer nothing opens, as far as they are open. */
    private final List<String> decisive;

    /** Whether an answer that is still possible is one for which the protocol is not meant. */
    private final boolean leadsOutside;

    private final Region region;
    private final List<Applying.Of<Limit<?>>> limits;
    private final List<Applying.Opens> openings;
    private final List<Applying.Of<Duty>> duties;
    private final List<Applying.Of<SetUp>> setUps;
    private final Optional<Resolved.PainInForce> pain;

    /** The calendar months that those rules count by which a role is judged. */
    private final SortedSet<Integer> months;

    private Resolver(Protocol protocol, Answers answers) {
        this.protocol = protocol;
        this.answers = answers;
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
        this.region = regionUnderAnswers();
        this.limits = applying(protocol.limits(), Limit::head);
        this.openings = protocol.openings().stream().map(this::opening).toList();
        this.duties = settledDuties();
        this.setUps = settledSetUps();
        this.pain = leastPain();
        this.months = months();
    }

    /**
     * @throws IllegalArgumentException where an answer is none that the protocol knows
     */
    public static Resolver of(Protocol protocol, Answers answers) {
        answers.checkAgainst(protocol.questions());
        return new Resolver(protocol, answers);
    }

    /** The rules in force for a course on its own clock alone, without orders. */
    public static Resolved resolve(Protocol protocol, Answers answers, LocalDate dayZero) {
        return resolve(protocol, answers, Clocks.startingOn(dayZero), Decisions.NONE);
    }

    /** The rules in force for this course. */
    public static Resolved resolve(Protocol protocol, Answers answers, Clocks clocks, Decisions decisions) {
        return of(protocol, answers).on(clocks, decisions);
    }

    /**
     * These clocks without their dates, as far as the limits, openings and set-ups that apply go: under equal ones and the
     * same decisions each begins and ends on the same course days.
     */
    public Clocks.Undated undated(Clocks clocks) {
        return clocks.undated(months);
    }

    private SortedSet<Integer> months() {
        Stream<IntStream> counted = Stream.of(
                        limits.stream().map(each -> each.rule().schedule().months()),
                        setUps.stream().map(each -> each.rule().schedule().months()),
                        openings.stream()
                                .flatMap(each -> each.cases().stream())
                                .map(each -> each.written().months()))
                .flatMap(each -> each);
        return counted.flatMap(IntStream::boxed).collect(Collectors.toCollection(TreeSet::new));
    }

    /** The rules in force for a course with these clocks and decisions. */
    public Resolved on(Clocks clocks, Decisions decisions) {
        Dating dating = new Dating(protocol, clocks);
        Resolved written = new Resolved(
                protocol,
                answers,
                clocks,
                decisions,
                region,
                dating.limits(limits),
                dating.openings(openings),
                dating.duties(duties),
                dating.setUps(setUps),
                pain);
        return decisions.equals(Decisions.NONE) ? written : new Ordering(written).applied();
    }

    private Region regionUnderAnswers() {
        Region whole = protocol.scope().region();
        for (Scope.Besides besides : protocol.scope().besides()) {
            if (besides.when().canHold(possible)) {
                whole = whole.with(besides.region());
            }
        }
        return whole;
    }

    private boolean mayApply(RuleHead head) {
        return head.when().canHold(possible);
    }

    private <R> List<Applying.Of<R>> applying(List<? extends R> rules, Function<R, RuleHead> head) {
        List<Applying.Of<R>> applying = new ArrayList<>();
        for (R rule : rules) {
            if (mayApply(head.apply(rule))) {
                applying.add(new Applying.Of<>(rule, provenances.of(head.apply(rule)), false));
            }
        }
        return List.copyOf(applying);
    }

    private List<Applying.Of<Duty>> settledDuties() {
        Map<String, List<Duty>> byItem = new LinkedHashMap<>();
        for (Duty duty : protocol.duties()) {
            if (mayApply(duty.head())) {
                String item = duty instanceof Duty.Wear wear
                        ? "wear " + wear.item()
                        : "duty " + duty.head().id();
                byItem.computeIfAbsent(item, key -> new ArrayList<>()).add(duty);
            }
        }
        return settled(byItem, Duty::head, duty -> duty instanceof Duty.Wear wear && wear.whenUnknown());
    }

    private List<Applying.Of<SetUp>> settledSetUps() {
        Map<String, List<SetUp>> byConcern = protocol.rules().setUps().stream()
                .filter(setUp -> mayApply(setUp.head()))
                .collect(Collectors.groupingBy(SetUp::concern, LinkedHashMap::new, Collectors.toList()));
        return settled(byConcern, SetUp::head, SetUp::whenUnknown);
    }

    private <R> List<Applying.Of<R>> settled(
            Map<String, List<R>> alternatives, Function<R, RuleHead> head, Predicate<R> whenUnknown) {
        List<Applying.Of<R>> all = new ArrayList<>();
        for (List<R> rules : alternatives.values()) {
            Settled<R> settled = Settled.of(rules, rule -> head.apply(rule).when(), whenUnknown);
            for (R rule : settled.rules()) {
                all.add(new Applying.Of<>(rule, provenances.of(head.apply(rule)), settled.unclear()));
            }
        }
        return List.copyOf(all);
    }

    /** The least pain that a rule which may apply allows. */
    private Optional<Resolved.PainInForce> leastPain() {
        return protocol.rules().pain().stream()
                .filter(rule -> mayApply(rule.head()))
                .min(Comparator.comparingInt(PainRule::most))
                .map(rule -> new Resolved.PainInForce(rule, provenances.of(rule.head())));
    }

    private Applying.Opens opening(Opening opening) {
        Stream<Applying.Case> own =
                opening.cases().stream().filter(this::mayApply).map(c -> needed(opening, c, Optional.empty()));
        Stream<Applying.Case> ofParts = opening.parts().stream()
                .flatMap(said -> said.cases().stream()
                        .filter(this::mayApply)
                        .map(c -> needed(opening, c, Optional.of(said.part()))));
        return new Applying.Opens(opening, Stream.concat(own, ofParts).toList(), unsaid(opening));
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

    private Applying.Case needed(Opening opening, Opening.Case written, Optional<Included> part) {
        RuleHead head = RuleHead.of("opening." + opening.role(), "Opening")
                .when(written.when())
                .ofPart(part.map(Included::face).orElse(""));
        Set<String> anew =
                part.filter(of -> written.clock().isEmpty()).map(Included::anew).orElse(Set.of());
        return new Applying.Case(
                written,
                anew,
                written.phase().map(protocol::phase),
                written.needs().stream().map(protocol::criterion).toList(),
                provenances.of(head));
    }
}
