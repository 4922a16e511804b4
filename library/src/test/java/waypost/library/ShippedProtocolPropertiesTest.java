package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.body.Side;
import waypost.core.gate.Facts;
import waypost.core.gate.Gate;
import waypost.core.gate.Verdict;
import waypost.core.measure.Readings;
import waypost.core.protocol.Criterion;
import waypost.core.protocol.Limit;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.protocol.VerdictKind;
import waypost.core.question.Answers;
import waypost.core.question.Question;
import waypost.core.resolved.Resolver;
import waypost.core.time.CourseDay;

/** What must hold of the shipped protocol under any answers, on any day, in any phase; made from seeds. */
@Tag("slow")
class ShippedProtocolPropertiesTest {

    private static final Protocol PROTOCOL = KneeCourse.protocol();

    static IntStream seeds() {
        return IntStream.range(0, 120);
    }

    private static Answers answers(Random random) {
        Map<String, Set<String>> stated = new HashMap<>();
        for (Question question : PROTOCOL.questions()) {
            Set<String> values = new LinkedHashSet<>(question.valueIds());
            values.removeIf(value -> random.nextBoolean());
            if (!values.isEmpty()) {
                stated.put(question.id(), values);
            }
        }
        return new Answers(stated);
    }

    private static Facts facts(Random random) {
        List<Phase> phases = PROTOCOL.phases();
        Set<String> met = PROTOCOL.criteria().stream()
                .map(Criterion::id)
                .filter(id -> random.nextBoolean())
                .collect(Collectors.toSet());
        int day = random.nextInt(320) - 20;
        return new Facts(
                new CourseDay(day),
                KneeCourse.DAY_ZERO.plusDays(day),
                Side.RIGHT,
                phases.get(random.nextInt(phases.size())),
                met,
                List.of(),
                Readings.NONE,
                random.nextBoolean());
    }

    private static Gate gate(Protocol protocol, Answers answers) {
        return Gate.of(
                Resolver.resolve(protocol, answers, KneeCourse.DAY_ZERO),
                KneeCourse.BUNDLE.activities(),
                KneeCourse.BUNDLE.measures());
    }

    private static List<VerdictKind> kinds(Gate gate, Facts facts) {
        return gate.judgeAll(facts).stream().map(Verdict::kind).toList();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anAnswerNarrowedNeverClosesAnything(int seed) {
        Random random = new Random(seed);
        Answers wide = answers(random);
        Facts facts = facts(random);
        List<VerdictKind> before = kinds(gate(PROTOCOL, wide), facts);

        for (Question question : PROTOCOL.questions()) {
            Set<String> possible = wide.possible(question);
            Map<String, Set<String>> stated = new HashMap<>(wide.stated());
            stated.put(question.id(), Set.of(possible.iterator().next()));
            List<VerdictKind> after = kinds(gate(PROTOCOL, new Answers(stated)), facts);
            IntStream.range(0, before.size())
                    .forEach(i -> assertThat(after.get(i)).isGreaterThanOrEqualTo(before.get(i)));
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theOrderOfRulesDoesNotMatter(int seed) {
        Random random = new Random(seed);
        Answers answers = answers(random);
        Facts facts = facts(random);
        List<Limit<?>> shuffled = new ArrayList<>(PROTOCOL.limits());
        Collections.shuffle(shuffled, random);

        List<Verdict> inOrder = gate(PROTOCOL, answers).judgeAll(facts);
        List<Verdict> anyOrder = gate(with(shuffled), answers).judgeAll(facts);

        for (int i = 0; i < inOrder.size(); i++) {
            assertThat(anyOrder.get(i).kind()).isEqualTo(inOrder.get(i).kind());
            assertThat(new HashSet<>(anyOrder.get(i).reasons()))
                    .isEqualTo(new HashSet<>(inOrder.get(i).reasons()));
            assertThat(anyOrder.get(i).reducedTo()).isEqualTo(inOrder.get(i).reducedTo());
        }
    }

    private static Protocol with(List<Limit<?>> limits) {
        return new Protocol(
                PROTOCOL.id(),
                PROTOCOL.title(),
                PROTOCOL.version(),
                PROTOCOL.clock(),
                PROTOCOL.source(),
                PROTOCOL.review(),
                PROTOCOL.region(),
                PROTOCOL.questions(),
                PROTOCOL.phases(),
                PROTOCOL.criteria(),
                limits,
                PROTOCOL.openings(),
                PROTOCOL.duties());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aRuleTakenAwayNeverClosesAnything(int seed) {
        Random random = new Random(seed);
        Answers answers = answers(random);
        Facts facts = facts(random);
        List<Limit<?>> fewer = new ArrayList<>(PROTOCOL.limits());
        fewer.remove(random.nextInt(fewer.size()));

        List<VerdictKind> all = kinds(gate(PROTOCOL, answers), facts);
        List<VerdictKind> less = kinds(gate(with(fewer), answers), facts);

        IntStream.range(0, all.size()).forEach(i -> assertThat(less.get(i)).isGreaterThanOrEqualTo(all.get(i)));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void judgingTwiceIsEqualAndEveryClosedVerdictSaysWhy(int seed) {
        Random random = new Random(seed);
        Gate gate = gate(PROTOCOL, answers(random));
        Facts facts = facts(random);

        List<Verdict> verdicts = gate.judgeAll(facts);

        assertThat(gate.judgeAll(facts)).isEqualTo(verdicts);
        assertThat(verdicts)
                .allSatisfy(v -> assertThat(v.reasons().isEmpty()).isEqualTo(v.kind() == VerdictKind.OPEN))
                .allSatisfy(
                        v -> assertThat(v.reducedTo().isPresent()).isEqualTo(v.kind() == VerdictKind.OPEN_WITH_LIMIT));
    }
}
