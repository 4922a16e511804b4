package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.body.Side;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Role;
import waypost.core.gate.Facts;
import waypost.core.gate.Gate;
import waypost.core.gate.Verdict;
import waypost.core.limit.Allowed;
import waypost.core.limit.Limit;
import waypost.core.log.Change;
import waypost.core.log.Decisions;
import waypost.core.log.Order;
import waypost.core.measure.Readings;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Question;
import waypost.core.reason.Reason;
import waypost.core.reason.VerdictKind;
import waypost.core.resolved.Resolved;
import waypost.core.resolved.Resolver;
import waypost.core.time.Clocks;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;

/** What must hold of every shipped protocol under any answers, on any day, in any phase; made from seeds. */
@Tag("slow")
class ShippedProtocolPropertiesTest {

    private static final int SEEDS = 40;
    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final Bundle BUNDLE = Shipped.BUNDLE;

    /** A protocol under generated answers and facts, with what is worked out of them. */
    private record Case(Protocol protocol, int seed, Answers answers, Facts facts, Gate gate, List<Verdict> verdicts) {

        static Case of(Protocol protocol, int seed) {
            Answers answers = answers(protocol, seed);
            Facts facts = facts(protocol, seed);
            Gate gate = gate(protocol, answers);
            return new Case(protocol, seed, answers, facts, gate, gate.judgeAll(facts));
        }

        private static Answers answers(Protocol protocol, int seed) {
            Random random = new Random(seed);
            Map<String, Set<String>> stated = new HashMap<>();
            for (Question question : protocol.questions()) {
                Set<String> values = new LinkedHashSet<>(question.valueIds());
                values.removeIf(value -> random.nextBoolean());
                if (!values.isEmpty()) {
                    stated.put(question.id(), values);
                }
            }
            return new Answers(stated);
        }

        private static Facts facts(Protocol protocol, int seed) {
            Random random = new Random(seed + 1_000_000);
            List<Phase> phases = protocol.phases();
            Set<String> met = protocol.criteria().stream()
                    .map(Criterion::id)
                    .filter(id -> random.nextBoolean())
                    .collect(Collectors.toSet());
            int day = protocol.begins(DAY_ZERO).number() + random.nextInt(320) - 20;
            return new Facts(
                    new CourseDay(day),
                    DAY_ZERO.plusDays(day),
                    Side.RIGHT,
                    phases.get(random.nextInt(phases.size())),
                    met,
                    List.of(),
                    List.of(),
                    List.of(),
                    Readings.NONE,
                    random.nextBoolean());
        }

        Gate gate(List<Limit<?>> limits) {
            Protocol with = protocol.with(protocol.rules().with(limits));
            return gate(with, answers);
        }

        static Gate gate(Protocol with, Answers answers) {
            return Gate.of(Resolver.resolve(with, answers, DAY_ZERO), BUNDLE.activities(), BUNDLE.measures());
        }

        List<VerdictKind> kinds() {
            return verdicts().stream().map(Verdict::kind).toList();
        }

        @Override
        public String toString() {
            return protocol.id() + " " + seed;
        }
    }

    static Stream<Case> cases() {
        return BUNDLE.protocols().stream()
                .flatMap(protocol -> IntStream.range(0, SEEDS).mapToObj(seed -> Case.of(protocol, seed)));
    }

    /** All of them on one case, since what is judged is judged once. */
    @ParameterizedTest
    @MethodSource("cases")
    void holds(Case one) {
        anAnswerNarrowedNeverClosesAnything(one);
        theOrderOfRulesDoesNotMatter(one);
        aRuleTakenAwayNeverClosesAnything(one);
        judgingTwiceIsEqualAndEveryVerdictSaysWhy(one);
        everyReducedFormPassesTheGate(one);
        anOrderByPhoneNeverLoosensWhatIsSurgeonOnly(one);
    }

    private static List<VerdictKind> kinds(Gate gate, Facts facts) {
        return gate.judgeAll(facts).stream().map(Verdict::kind).toList();
    }

    private static void anAnswerNarrowedNeverClosesAnything(Case one) {
        Answers wide = one.answers();
        Facts facts = one.facts();
        List<VerdictKind> before = one.kinds();

        for (Question question : one.protocol().questions()) {
            Set<String> possible = wide.possible(question);
            Map<String, Set<String>> stated = new HashMap<>(wide.stated());
            stated.put(question.id(), Set.of(possible.iterator().next()));
            List<VerdictKind> after = kinds(one.gate(one.protocol(), new Answers(stated)), facts);
            IntStream.range(0, before.size())
                    .forEach(i -> assertThat(after.get(i)).isGreaterThanOrEqualTo(before.get(i)));
        }
    }

    private static void theOrderOfRulesDoesNotMatter(Case one) {
        List<Limit<?>> shuffled = new ArrayList<>(one.protocol().limits());
        Collections.shuffle(shuffled, new Random(one.seed()));

        assertThat(one.gate(shuffled).judgeAll(one.facts())).isEqualTo(one.verdicts());
    }

    private static void aRuleTakenAwayNeverClosesAnything(Case one) {
        List<Limit<?>> fewer = new ArrayList<>(one.protocol().limits());
        fewer.remove(new Random(one.seed()).nextInt(fewer.size()));

        List<VerdictKind> all = one.kinds();
        List<VerdictKind> less = kinds(one.gate(fewer), one.facts());

        IntStream.range(0, all.size()).forEach(i -> assertThat(less.get(i)).isGreaterThanOrEqualTo(all.get(i)));
    }

    private static void judgingTwiceIsEqualAndEveryVerdictSaysWhy(Case one) {
        List<Verdict> verdicts = one.verdicts();

        assertThat(one.gate().judgeAll(one.facts())).isEqualTo(verdicts);
        assertThat(verdicts)
                .allSatisfy(v -> assertThat(v.reasons().isEmpty()).isEqualTo(v.kind() == VerdictKind.OPEN))
                .filteredOn(v -> v.reducedTo().isPresent())
                .allSatisfy(v -> assertThat(v.kind()).isEqualTo(VerdictKind.OPEN_WITH_LIMIT));
    }

    /** What is left of a reduced exercise is itself an exercise that no limit objects to. */
    private static void everyReducedFormPassesTheGate(Case one) {
        Resolved resolved = Resolver.resolve(one.protocol(), one.answers(), DAY_ZERO);
        Facts facts = one.facts();
        for (Verdict verdict : one.verdicts()) {
            verdict.reducedTo()
                    .ifPresent(reduced -> assertThat(judged(reduced, resolved, facts))
                            .noneMatch(reason -> reason instanceof Reason.Exceeded));
        }
    }

    /** By phone nothing that is surgeon only is loosened, whatever the order says. */
    private static void anOrderByPhoneNeverLoosensWhatIsSurgeonOnly(Case one) {
        List<Limit<?>> reserved = one.protocol().limits().stream()
                .filter(limit -> limit.head().surgeonOnly())
                .toList();
        if (reserved.isEmpty()) {
            return;
        }
        Limit<?> limit = reserved.get(new Random(one.seed()).nextInt(reserved.size()));
        Facts facts = one.facts();
        LocalDate date = facts.known();
        Order byPhone = new Order(
                "o",
                "it may be free",
                "surgeon",
                date,
                date,
                Optional.empty(),
                Optional.empty(),
                Optional.of("therapist"),
                List.of(freed(limit)));
        Resolved ordered = Resolver.resolve(
                one.protocol(), one.answers(), Clocks.startingOn(DAY_ZERO), new Decisions(List.of(byPhone), List.of()));

        assertThat(Gate.of(ordered, BUNDLE.activities(), BUNDLE.measures()).judgeAll(facts))
                .isEqualTo(one.verdicts());
    }

    private static <T> Change freed(Limit<T> limit) {
        return new Change.NewValue<>(limit, Allowed.free());
    }

    private static List<Reason> judged(Role reduced, Resolved resolved, Facts facts) {
        String id = reduced.key().activity();
        Map<String, Pose> poses = BUNDLE.findActivity(id).orElseThrow().poses();
        Activity alone = new Activity.Test(id, "reduced", "none", List.of(reduced), poses, List.of(), "none");
        return Gate.of(resolved, List.of(alone), BUNDLE.measures())
                .judge(reduced.key(), facts)
                .reasons();
    }
}
